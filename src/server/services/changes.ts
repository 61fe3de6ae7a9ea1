import type { Change, ColourOrders, GiveUps, PlannedScheme, Situation } from '../../core/changes';
import type { HidingRow } from '../../core/readings/hiding';
import type { ScheduleProblem } from '../../core/schedule';
import type { OrderLocks } from '../../core/scheme';
import type { TriedRemedies } from '../../core/warnings/replan';
import type { Compared, Tell } from '../../workers/tasks';
import { inThread, inThreadTold } from '../workers/pool';
import { currentMinute } from './clock';
import { planningShop } from './planning-shop';
import { readSnapshot } from './snapshot';

/** A job as it would be planned today, no agreed start of its own in the way. */
async function situationOf(number: string): Promise<Situation | null> {
  const { shop: found, agreed, jobs } = await readSnapshot(number);
  const [stored] = jobs;
  if (!stored) return null;
  const others = [...agreed].filter(([other]) => other !== number);
  return {
    job: stored.job,
    ...planningShop(found),
    now: currentMinute(),
    agreedStarts: new Map(),
    promised: new Map(others.map(([other, one]) => [other, one.commitments])),
  };
}

/** The job with each of these changes, beside it as it stands; null where there is no such job. */
export async function compareChanges(number: string, changes: readonly Change[]): Promise<Compared | null> {
  const given = await situationOf(number);
  return given && inThread({ kind: 'compare-changes', given, changes });
}

export type GiveUpAnswer = { status: 'no-job' } | { status: 'kept' } | ({ status: 'over' } & GiveUps);

export async function giveUpsOf(number: string): Promise<GiveUpAnswer> {
  const given = await situationOf(number);
  if (!given) return { status: 'no-job' };
  const found = await inThread({ kind: 'give-up', given });
  return found ? { status: 'over', ...found } : { status: 'kept' };
}

/**
 * What might be done otherwise about a warning, each planned through; `gone` where the job, planned without its accepted
 * starts, has no such warning.
 */
export async function remediesOf(number: string, warning: string): Promise<RemedyAnswer> {
  const given = await situationOf(number);
  if (!given) return { status: 'no-job' };
  const tried = await inThread({ kind: 'remedies', given, warning });
  return tried ? { status: 'tried', ...tried } : { status: 'gone' };
}

export type RemedyAnswer = { status: 'no-job' } | { status: 'gone' } | ({ status: 'tried' } & TriedRemedies);

/** The best orders of the colours of each body, each with its plan; null where there is no such job. */
export async function ordersOf(
  number: string,
  fixed: OrderLocks,
  tell: Tell,
  signal?: AbortSignal,
): Promise<ColourOrders | null> {
  const given = await situationOf(number);
  return given && inThreadTold({ kind: 'colour-orders', given, fixed }, tell, signal);
}

/** The scheme of a job and those kept beside it, each with its plan and its sides; null where there is no such job. */
export async function schemesOf(number: string): Promise<PlannedScheme[] | null> {
  const given = await situationOf(number);
  return given && inThread({ kind: 'schemes', given });
}

/** What each colour of a job hides, and how it shows over other grounds; null where there is no such job. */
export async function hidingOf(number: string): Promise<HidingRow[] | null> {
  const given = await situationOf(number);
  return given && inThread({ kind: 'hiding', given });
}

/** The scheduling problem of a job as it stands, remedies and true waits in it; null where there is no such job. */
export async function calendarProblem(number: string): Promise<ScheduleProblem | null> {
  const given = await situationOf(number);
  return given && inThread({ kind: 'calendar-problem', given });
}
