import type { LogEntry, StepFact } from '../record';
import type { Minute } from '../units';
import type { MatchedEntry } from './matched-log';
import { lasted, stepLogs, worked, type StepLog } from './sittings';

/** Areas of the surfaces of a step, m²; null where its minutes do not hang on them. */
export type AreasOf = (step: string) => ReadonlyMap<string, number> | null;

/**
 * Facts of steps as the log has them at a minute. Later entries are not read: the log may be seen on any day. A step that
 * was ended on some of its surfaces alone goes on with the rest.
 */
export function loggedFacts(
  log: readonly (LogEntry | MatchedEntry)[],
  now: Minute,
  areasOf: AreasOf = () => null,
): StepFact[] {
  const until = log.filter((entry) => entry.at <= now);
  return [...stepLogs(until).values()].map((own) => factOf(own, now, areasOf(own.step)));
}

/** Share of a step by area that nobody ended; 0 where nothing is left of it. */
function shareLeft(
  { ended, endedWhole, endedOn }: StepLog,
  areas: ReadonlyMap<string, number> | null,
): number {
  if (endedWhole) return 0;
  if (!areas || endedOn.size === 0) return ended === null ? 1 : 0;
  let [whole, left] = [0, 0];
  for (const [surface, area] of areas) {
    whole += area;
    if (!endedOn.has(surface)) left += area;
  }
  return whole > 0 ? left / whole : 0;
}

function factOf(own: StepLog, now: Minute, areas: ReadonlyMap<string, number> | null): StepFact {
  const left = shareLeft(own, areas);
  const isDone = left === 0 && (own.ended !== null || own.endedOn.size > 0);
  const first = own.sittings[0];
  const sum = (value: (one: StepLog['sittings'][number]) => number) =>
    own.sittings.reduce((total, one) => total + value(one), 0);
  const sinceSaid = own.saidLeft
    ? own.sittings
        .filter((one) => one.from >= own.saidLeft!.at)
        .reduce((total, one) => total + lasted(one, now), 0)
    : 0;
  return {
    step: own.step,
    status: isDone ? 'done' : 'running',
    start: first?.from ?? own.ended!,
    end: isDone ? (own.ended ?? own.sittings.at(-1)?.to ?? null) : null,
    remainingMin: own.saidLeft ? Math.max(0, own.saidLeft.minutes - sinceSaid) : null,
    workedMin: sum((one) => lasted(one, now)),
    personMinutes: sum((one) => worked(one, now)),
    materialsMinor: null,
    uses: [...new Set(own.sittings.at(-1)?.people ?? [])],
    leftShare: left > 0 && left < 1 ? left : undefined,
    on: own.on === null ? undefined : [...own.on],
  };
}

/** An unfinished step is taken to need at least this share of its planned time again once that time is used up. */
const overrunShare = 0.1;
const leastLeftMin = 15;

/** Attended minutes a running step still needs: as somebody said, else the planned ones less what was worked. */
export function minutesLeft(
  fact: Pick<StepFact, 'remainingMin' | 'workedMin' | 'leftShare'>,
  plannedMin: number,
): number {
  if (fact.remainingMin !== null) return fact.remainingMin;
  if (fact.leftShare !== undefined) return Math.max(1, Math.ceil(plannedMin * fact.leftShare));
  if (fact.workedMin === undefined) return 0;
  const least = Math.min(plannedMin, Math.max(leastLeftMin, Math.round(plannedMin * overrunShare)));
  return Math.max(least, plannedMin - fact.workedMin);
}
