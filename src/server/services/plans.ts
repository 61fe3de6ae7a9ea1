import { createHash } from 'node:crypto';
import { planJob, type Plan } from '../../core/plan';
import { commitmentsOf } from '../../core/plan-commitments';
import type { Commitment } from '../../core/schedule';
import { localDateOf } from '../../core/units';
import { database } from '../database/client';
import { jobNumbers, loadJob, type StoredJob } from '../repositories/job-repository';
import {
  loadAgreedPlans,
  loadWorkingPlan,
  saveWorkingPlan,
  type StoredAgreedPlan,
} from '../repositories/plan-repository';
import { loadShop, type StoredShop } from '../repositories/shop-repository';
import { currentMinute } from './clock';

export interface PlannedJob {
  stored: StoredJob;
  shop: StoredShop;
  plan: Plan;
  inputHash: string;
  agreed: StoredAgreedPlan | null;
}

/** Changes with every build, so that a plan of an older program is never shown as today's. */
const programVersion = (): string => (process.env.COATREL_SOURCES ?? 'development').slice(0, 32);

export class NoShop extends Error {}

export async function requireShop(): Promise<StoredShop> {
  const shop = await loadShop(database());
  if (!shop) throw new NoShop('the database holds no shop yet');
  return shop;
}

function promisesOfOthers(agreed: ReadonlyMap<string, StoredAgreedPlan>, number: string): Commitment[] {
  return [...agreed].filter(([other]) => other !== number).flatMap(([, one]) => commitmentsOf(one.plan));
}

/**
 * The working plan of a job: the stored one while its inputs, the local day and the program stand, else computed anew
 * and stored. @returns null when there is no such job
 */
export async function currentPlan(number: string): Promise<PlannedJob | null> {
  const connection = database();
  const [stored, shop, agreed, kept] = await Promise.all([
    loadJob(connection, number),
    requireShop(),
    loadAgreedPlans(connection),
    loadWorkingPlan(connection, number),
  ]);
  if (!stored) return null;
  const commitments = promisesOfOthers(agreed, number);
  const now = currentMinute();
  const onDate = localDateOf(now, shop.shop.timeZone);
  const inputs = JSON.stringify([stored.job, shop.shop, [...shop.shelf.values()], commitments]);
  const inputHash = createHash('sha256').update(inputs).digest('hex');
  const stands =
    kept?.inputHash === inputHash && kept.onDate === onDate && kept.programVersion === programVersion();
  const plan = stands
    ? kept.plan
    : planJob({ job: stored.job, shop: shop.shop, shelf: shop.shelf, now, commitments });
  if (!stands)
    await saveWorkingPlan(connection, number, { inputHash, onDate, programVersion: programVersion(), plan });
  return { stored, shop, plan, inputHash, agreed: agreed.get(number) ?? null };
}

/** The working plans of all jobs, in the order of their numbers. */
export async function currentPlans(): Promise<PlannedJob[]> {
  const planned: PlannedJob[] = [];
  for (const number of await jobNumbers(database())) {
    const one = await currentPlan(number);
    if (one) planned.push(one);
  }
  return planned;
}

/** The other jobs with the plans they have agreed, for the calendar they share. */
export async function agreedPlansOfOthers(number: string): Promise<{ job: StoredJob['job']; plan: Plan }[]> {
  const agreed = [...(await loadAgreedPlans(database()))].filter(([other]) => other !== number);
  const loaded = await Promise.all(
    agreed.map(async ([other, { plan }]) => ({ stored: await loadJob(database(), other), plan })),
  );
  return loaded.flatMap(({ stored, plan }) => (stored ? [{ job: stored.job, plan }] : []));
}
