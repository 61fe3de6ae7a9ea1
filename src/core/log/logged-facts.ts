import type { LogEntry, PartDone, StepFact } from '../record';
import type { Step } from '../steps';
import type { Minute } from '../units';
import { learnedFactor } from './learned';
import type { MatchedEntry } from './matched-log';
import { lasted, stepLogs, worked, type Sitting, type StepLog } from './sittings';

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
    partDone: left > 0 && left < 1 ? partDoneOf(own, now) : undefined,
    on: own.on === null ? undefined : [...own.on],
  };
}

/** What went into the panels that are done: the sittings up to the last time that some were ended. */
function partDoneOf({ sittings, panelsAt }: StepLog, now: Minute): PartDone | undefined {
  if (panelsAt === null) return undefined;
  const before = sittings.filter((one) => one.redo === '' && one.from < panelsAt);
  const after = sittings.filter((one) => one.from >= panelsAt);
  return {
    personMin: before.reduce((sum, one) => sum + worked(one, now), 0),
    days: workingDays(before),
    sinceMin: after.reduce((sum, one) => sum + lasted(one, now), 0),
  };
}

/** Nobody rests so long within a working day, minutes. */
const nightMin = 300;

/** Days on which sittings lie: a new one begins after a night. */
function workingDays(sittings: readonly Sitting[]): number {
  let [days, until] = [0, -Infinity];
  for (const { from, to } of [...sittings].sort((a, b) => a.from - b.from)) {
    if (from - until >= nightMin) days += 1;
    until = Math.max(until, to ?? from);
  }
  return days;
}

/** An unfinished step is taken to need at least this share of its planned time again once that time is used up. */
const overrunShare = 0.1;
const leastLeftMin = 15;

/** A step as it is planned, in minutes of the clock and of people. */
type PlannedMinutes = Pick<Step, 'minutes' | 'personMinutes'>;

/**
 * Attended minutes a running step still needs: as somebody said; where panels of it are done, what is left by area at the
 * pace of those, less what was worked since; else the planned ones less what was worked.
 */
export function minutesLeft(
  fact: Pick<StepFact, 'remainingMin' | 'workedMin' | 'leftShare' | 'partDone'>,
  planned: PlannedMinutes,
): number {
  if (fact.remainingMin !== null) return fact.remainingMin;
  if (fact.leftShare !== undefined) {
    const left = planned.minutes * fact.leftShare * paceOf(fact, planned);
    return stillToDo(left, fact.partDone?.sinceMin ?? 0);
  }
  if (fact.workedMin === undefined) return 0;
  return stillToDo(planned.minutes, fact.workedMin);
}

/** What is left of an estimate, and never nothing while the work goes on. */
function stillToDo(estimateMin: number, workedMin: number): number {
  const least = Math.min(estimateMin, Math.max(leastLeftMin, Math.round(estimateMin * overrunShare)));
  return Math.max(1, Math.ceil(Math.max(least, estimateMin - workedMin)));
}

/**
 * How the panels that are done went against the plan: actual over planned, shrunk as a learned factor is, so that one panel
 * says a little and all but one say nearly all; 1 where none is done.
 */
export function paceOf(
  { leftShare, partDone }: Pick<StepFact, 'leftShare' | 'partDone'>,
  planned: Pick<PlannedMinutes, 'personMinutes'>,
): number {
  if (leftShare === undefined || !partDone) return 1;
  const { personMin, days } = partDone;
  return learnedFactor([{ actualMin: personMin, plannedMin: planned.personMinutes * (1 - leftShare), days }])
    .factor;
}

/** Person-minutes a running step still needs: its planned ones, in the share of the clock that is left. */
export const personMinutesLeft = (fact: StepFact, planned: PlannedMinutes): number =>
  // What was kept without a log knows its person-minutes alone.
  fact.workedMin === undefined && fact.remainingMin === null
    ? Math.max(0, planned.personMinutes - fact.personMinutes)
    : planned.minutes > 0
      ? (planned.personMinutes * minutesLeft(fact, planned)) / planned.minutes
      : 0;
