import { createHash } from 'node:crypto';
import { planJob, type Plan } from '../../core/plan';
import { localDateOf, type Minute } from '../../core/units';
import { database } from '../database/client';
import { databaseFault } from '../database/fault';
import { jobNumbers, loadJob, type StoredJob } from '../repositories/job-repository';
import { loadWorkingPlan, saveWorkingPlan, type StoredWorkingPlan } from '../repositories/plan-repository';
import { loadShop, type StoredShop } from '../repositories/shop-repository';
import { agreedPlans } from './agreed-plans';
import { currentMinute } from './clock';

export interface PlannedJob {
  stored: StoredJob;
  shop: StoredShop;
  plan: Plan;
  inputHash: string;
  /** The last plan the manager accepted, or null. */
  agreed: Plan | null;
}

/** Changes with every build, so that a plan of an older program is never shown as today's. */
const programVersion = (): string => (process.env.COATREL_SOURCES ?? 'development').slice(0, 32);

export class NoShop extends Error {}

export async function requireShop(): Promise<StoredShop> {
  const shop = await loadShop(database());
  if (!shop) throw new NoShop('the database holds no shop yet');
  return shop;
}

// The newest working plans as they were stored, so that a page need not read and parse them again.
const store = globalThis as typeof globalThis & { coatrelWorking?: Map<string, StoredWorkingPlan> };
const working = (): Map<string, StoredWorkingPlan> => (store.coatrelWorking ??= new Map());

/** Nobody waits for this: the plan is derived, and one that could not be stored is computed again after a restart. */
function keepForLater(number: string, made: StoredWorkingPlan): void {
  saveWorkingPlan(database(), number, made).catch((error: unknown) =>
    process.stderr.write(
      `The working plan of ${number} was not stored: ${databaseFault(error) ?? String(error)}.\n`,
    ),
  );
}

/** What of the shop a plan is made with. */
export const planningShop = ({ shop, shelf, operations }: StoredShop) => ({ shop, shelf, operations });

/** What the plans of all jobs share. */
interface Surroundings {
  shop: StoredShop;
  agreed: Awaited<ReturnType<typeof agreedPlans>>;
}

async function readSurroundings(): Promise<Surroundings> {
  const [shop, agreed] = await Promise.all([requireShop(), agreedPlans(database())]);
  return { shop, agreed };
}

/**
 * The working plan of a job: the stored one while its inputs, the local day and the program stand, else computed anew
 * and stored. @returns null when there is no such job
 */
export async function currentPlan(number: string, around?: Surroundings): Promise<PlannedJob | null> {
  const [stored, { shop, agreed }] = await Promise.all([
    loadJob(database(), number),
    around ?? readSurroundings(),
  ]);
  if (!stored) return null;
  const others = [...agreed].filter(([other]) => other !== number);
  const own = agreed.get(number);
  const now = currentMinute();
  const onDate = localDateOf(now, shop.shop.timeZone);
  // While somebody is at work the plan is as good as its hour: what runs takes its time whether or not anybody writes.
  const hour = stored.job.log.length > 0 ? Math.floor(now / 60) : null;
  const marks = [...agreed].map(([job, { mark }]) => [job, mark]);
  const inputs = JSON.stringify([
    stored.job,
    shop.shop,
    [...shop.shelf.values()],
    shop.operations,
    marks,
    hour,
  ]);
  const inputHash = createHash('sha256').update(inputs).digest('hex');
  const stands = (one: StoredWorkingPlan | null | undefined): one is StoredWorkingPlan =>
    one?.inputHash === inputHash && one.onDate === onDate && one.programVersion === programVersion();
  const make = (): StoredWorkingPlan => {
    const commitments = others.flatMap(([, one]) => one.commitments);
    const agreedStarts = own?.starts ?? new Map<string, Minute>();
    const { job } = stored;
    const plan = planJob({ job, ...planningShop(shop), now, commitments, agreedStarts });
    const made = { inputHash, onDate, programVersion: programVersion(), plan };
    keepForLater(number, made);
    return made;
  };
  let current: StoredWorkingPlan | null | undefined = working().get(number);
  if (!stands(current)) current = await loadWorkingPlan(database(), number);
  if (!stands(current)) current = make();
  working().set(number, current);
  return { stored, shop, plan: current.plan, inputHash, agreed: own?.plan ?? null };
}

/** The working plans of all jobs, in the order of their numbers. */
export async function currentPlans(): Promise<PlannedJob[]> {
  const around = await readSurroundings();
  const planned: PlannedJob[] = [];
  for (const number of await jobNumbers(database())) {
    const one = await currentPlan(number, around);
    if (one) planned.push(one);
  }
  return planned;
}

/** The other jobs with the plans they have agreed, for the calendar they share. */
export async function agreedPlansOfOthers(number: string): Promise<{ job: StoredJob['job']; plan: Plan }[]> {
  const agreed = [...(await agreedPlans(database()))].filter(([other]) => other !== number);
  const loaded = await Promise.all(
    agreed.map(async ([other, { plan }]) => ({ stored: await loadJob(database(), other), plan })),
  );
  return loaded.flatMap(({ stored, plan }) => (stored ? [{ job: stored.job, plan }] : []));
}
