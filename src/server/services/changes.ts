import {
  figuresOf,
  inputOf,
  whatToGiveUp,
  withChange,
  type Change,
  type GiveUps,
  type PlanFigures,
  type Situation,
} from '../../core/changes';
import { planJob } from '../../core/plan';
import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { agreedPlans } from './agreed-plans';
import { currentMinute } from './clock';
import { requireShop } from './plans';

/** A job as it would be planned today, no agreed start of its own in the way. */
async function situationOf(number: string): Promise<Situation | null> {
  const [stored, { shop, shelf, operations }, agreed] = await Promise.all([
    loadJob(database(), number),
    requireShop(),
    agreedPlans(database()),
  ]);
  if (!stored) return null;
  const others = [...agreed].filter(([other]) => other !== number);
  return {
    ...{ job: stored.job, shop, shelf, operations, now: currentMinute(), agreedStarts: new Map() },
    promised: new Map(others.map(([other, one]) => [other, one.commitments])),
  };
}

/** Lets other requests be answered between two plans. */
const breathe = () => new Promise<void>((done) => setImmediate(done));

export interface Compared {
  base: PlanFigures;
  /** One for each change; null where it names what is not there or changes nothing. */
  changed: (PlanFigures | null)[];
}

/** The job with each of these changes, beside it as it stands; null where there is no such job. */
export async function compareChanges(number: string, changes: readonly Change[]): Promise<Compared | null> {
  const given = await situationOf(number);
  if (!given) return null;
  const base = figuresOf(planJob(inputOf(given)));
  const changed: (PlanFigures | null)[] = [];
  for (const change of changes) {
    await breathe();
    const other = withChange(given, change);
    changed.push(other && figuresOf(planJob(inputOf(other))));
  }
  return { base, changed };
}

export type GiveUpAnswer = { status: 'no-job' } | { status: 'kept' } | ({ status: 'over' } & GiveUps);

export async function giveUpsOf(number: string): Promise<GiveUpAnswer> {
  const given = await situationOf(number);
  if (!given) return { status: 'no-job' };
  const search = whatToGiveUp(given);
  for (;;) {
    const turn = search.next();
    if (turn.done) return turn.value ? { status: 'over', ...turn.value } : { status: 'kept' };
    await breathe();
  }
}
