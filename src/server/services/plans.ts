import { createHash } from 'node:crypto';
import { withMoved } from '../../core/log';
import type { Plan, PlanInput } from '../../core/plan';
import { localDateOf, type LocalDate, type Minute } from '../../core/units';
import { database, type Connection } from '../database/client';
import { databaseFault } from '../database/fault';
import type { StoredJob } from '../repositories/job-repository';
import { loadWorkingPlan, saveWorkingPlan, type StoredWorkingPlan } from '../repositories/plan-repository';
import type { StoredShop } from '../repositories/shop-repository';
import { inThread } from '../workers/pool';
import { currentMinute } from './clock';
import { planningShop } from './planning-shop';
import { readSnapshot, type Snapshot } from './snapshot';

export { planningShop } from './planning-shop';
export { NoShop, requireShop } from './snapshot';

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

// The newest working plans as they were stored, so that a page need not read and parse them again; and those in the
// making, so that two who ask at once wait for one.
const store = globalThis as typeof globalThis & {
  coatrelWorking?: Map<string, StoredWorkingPlan>;
  coatrelPlanning?: Map<string, Promise<StoredWorkingPlan>>;
};
const working = (): Map<string, StoredWorkingPlan> => (store.coatrelWorking ??= new Map());
const planning = (): Map<string, Promise<StoredWorkingPlan>> => (store.coatrelPlanning ??= new Map());

/** Nobody waits for this: the plan is derived, and one that could not be stored is computed again after a restart. */
function keepForLater(number: string, made: StoredWorkingPlan): void {
  saveWorkingPlan(database(), number, made).catch((error: unknown) =>
    process.stderr.write(
      `The working plan of ${number} was not stored: ${databaseFault(error) ?? String(error)}.\n`,
    ),
  );
}

/** What one job's plan is made from, with the hash by which it is told apart. */
interface Inputs {
  input: PlanInput;
  inputHash: string;
  onDate: LocalDate;
}

function inputsFrom({ shop, agreed }: Snapshot, { job }: StoredJob): Inputs {
  const now = currentMinute();
  // While somebody is at work the plan is as good as its hour: what runs takes its time whether or not anybody writes.
  const hour = job.log.length > 0 ? Math.floor(now / 60) : null;
  const marks = [...agreed].map(([number, { mark }]) => [number, mark]);
  const parts = JSON.stringify([job, shop.shop, [...shop.shelf.values()], shop.operations, marks, hour]);
  const others = [...agreed].filter(([other]) => other !== job.number);
  return {
    input: {
      job,
      ...planningShop(shop),
      now,
      commitments: others.flatMap(([, one]) => one.commitments),
      agreedStarts: agreed.get(job.number)?.starts ?? new Map<string, Minute>(),
    },
    inputHash: createHash('sha256').update(parts).digest('hex'),
    onDate: localDateOf(now, shop.shop.timeZone),
  };
}

/** What the plan of a job is made from as it stands in a transaction; null when there is no such job. */
export async function inputsOf(number: string, connection: Connection): Promise<Inputs | null> {
  const snapshot = await readSnapshot(number, connection);
  const [stored] = snapshot.jobs;
  return stored ? inputsFrom(snapshot, stored) : null;
}

/** Makes a plan on a thread; whoever asks for the same one meanwhile waits for the same answer. */
function makePlan({ input, inputHash, onDate }: Inputs): Promise<StoredWorkingPlan> {
  const key = `${input.job.number} ${inputHash} ${onDate}`;
  const running = planning().get(key);
  if (running) return running;
  const make = async (): Promise<StoredWorkingPlan> => {
    const plan = await inThread({ kind: 'plan', input });
    const made = { inputHash, onDate, programVersion: programVersion(), plan };
    keepForLater(input.job.number, made);
    return made;
  };
  const answer = make().finally(() => planning().delete(key));
  planning().set(key, answer);
  return answer;
}

async function plannedOf(snapshot: Snapshot, stored: StoredJob): Promise<PlannedJob> {
  const { number } = stored.job;
  const inputs = inputsFrom(snapshot, stored);
  const { inputHash, onDate } = inputs;
  const stands = (one: StoredWorkingPlan | null | undefined): one is StoredWorkingPlan =>
    one?.inputHash === inputHash && one.onDate === onDate && one.programVersion === programVersion();
  let current: StoredWorkingPlan | null | undefined = working().get(number);
  // What is in memory is what was stored last: the database is asked only after a restart.
  if (current === undefined) current = await loadWorkingPlan(database(), number);
  if (!stands(current)) current = await makePlan(inputs);
  working().set(number, current);
  const { shop, agreed } = snapshot;
  const { plan } = current;
  // What was logged is read on the steps it belongs to today.
  const log = withMoved(stored.job.log, plan.moved);
  return {
    stored: { ...stored, job: { ...stored.job, log } },
    shop,
    plan,
    inputHash,
    agreed: agreed.get(number)?.plan ?? null,
  };
}

/**
 * The working plan of a job: the stored one while its inputs, the local day and the program stand, else computed anew
 * on a thread and stored. @returns null when there is no such job
 */
export async function currentPlan(number: string): Promise<PlannedJob | null> {
  const snapshot = await readSnapshot(number);
  const [stored] = snapshot.jobs;
  return stored ? plannedOf(snapshot, stored) : null;
}

/** The working plans of all jobs, in the order of their numbers. */
export const currentPlans = async (): Promise<PlannedJob[]> => plansIn(await readSnapshot(null));

/** The working plans of the jobs of a snapshot. */
export const plansIn = (snapshot: Snapshot): Promise<PlannedJob[]> =>
  Promise.all(snapshot.jobs.map((stored) => plannedOf(snapshot, stored)));

/** The other jobs with the plans they have accepted, for the calendar they share. */
export async function agreedPlansOfOthers(number: string): Promise<{ job: StoredJob['job']; plan: Plan }[]> {
  const { agreed, jobs } = await readSnapshot(null);
  return jobs.flatMap(({ job }) => {
    const plan = job.number === number ? undefined : agreed.get(job.number)?.plan;
    return plan ? [{ job, plan }] : [];
  });
}
