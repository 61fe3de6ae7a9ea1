import { boundAt } from '../../core/handover';
import type { Edit, Job, SignOff } from '../../core/record';
import { database } from '../database/client';
import { accountById } from '../repositories/account-repository';
import { currentMinute } from './clock';
import { currentPlan } from './plans';
import { faulty, type EditOutcome, type Writer } from './unit-of-work';

type Release = Extract<Edit, { kind: 'sign-off' }>;

/** A release as it is stored: whose name it bears, and what it binds. */
export interface Signed {
  edit: Release;
  signed: Pick<SignOff, 'signedBy' | 'bound'>;
}

/**
 * Makes a release ready to be written: a licensed engineer signs with the name and the licence of the account, and licensed
 * holds alone; what others type is what stands on paper. It binds the surfaces as they stand in the plan of now.
 */
export async function signedRelease(edit: Release, writer: Writer): Promise<Signed | EditOutcome> {
  const planned = await currentPlan(edit.job);
  if (!planned) return faulty('job', `there is no job ${edit.job}`);
  const bound = boundAt(planned.plan, edit.signOff.step, currentMinute());
  if (!writer.rights.includes('engineer')) return { edit, signed: { signedBy: '', bound } };
  const step = planned.plan.steps.find((one) => one.key === edit.signOff.step);
  if (!step?.cautions.includes('licensed-hold'))
    return { status: 'forbidden', reason: 'A licensed engineer signs licensed holds; this step is none.' };
  const account = await accountById(database(), writer.author);
  if (!account || account.licence === '')
    return faulty('signOff.licence', 'your account names no licence: a manager enters it in Shop, Accounts');
  const { name, licence, id } = account;
  return {
    edit: { ...edit, signOff: { ...edit.signOff, name, licence } },
    signed: { signedBy: id, bound },
  };
}

/** An engineer takes back what they signed themselves; others what the shop typed, and what an engineer signed only with the engineer. */
export function whyNotTakenBack(
  { step }: Extract<Edit, { kind: 'remove-sign-off' }>,
  job: Job,
  { author, rights }: Writer,
): string | null {
  const kept = job.signOffs.find((one) => one.step === step);
  if (!kept || kept.signedBy === author) return null;
  if (rights.includes('engineer')) return 'You take back what you signed yourself.';
  return kept.signedBy === '' || rights.includes('manager')
    ? null
    : 'An engineer signed this: the engineer or a manager takes it back.';
}
