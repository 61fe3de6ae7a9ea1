import { database } from '../database/client';
import { saveAgreedPlan } from '../repositories/plan-repository';
import { currentMinute } from './clock';
import { currentPlan } from './plans';

export type AcceptOutcome =
  { status: 'accepted' } | { status: 'moved-on'; inputHash: string } | { status: 'no-job' };

/**
 * Makes the working plan the agreed one. Refused when the plan the manager saw is no longer the newest: then the fresh
 * proposal's hash comes back and nothing is changed.
 */
export async function acceptPlan(number: string, seenHash: string): Promise<AcceptOutcome> {
  const current = await currentPlan(number);
  if (!current) return { status: 'no-job' };
  const { inputHash, plan } = current;
  if (inputHash !== seenHash) return { status: 'moved-on', inputHash };
  await saveAgreedPlan(database(), number, { inputHash, acceptedAt: currentMinute(), plan });
  return { status: 'accepted' };
}
