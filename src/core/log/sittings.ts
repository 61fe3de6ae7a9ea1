import { standingEntries, type LogEntry } from '../record';
import type { Minute } from '../units';
import type { MatchedEntry } from './matched-log';

/** A stretch of work on one step by the same people, from beginning to leaving off. */
export interface Sitting {
  step: string;
  from: Minute;
  /** Null while it lasts. */
  to: Minute | null;
  people: string[];
  /** Cause of work that is done again; empty for first work. */
  redo: string;
  /** Share of it that belongs to this step: what was one step when it was written may be two today. */
  share: number;
}

/** What the log says of one step. */
export interface StepLog {
  step: string;
  sittings: Sitting[];
  /** When it was ended; null while it is not, or when it was begun again after its end. */
  ended: Minute | null;
  /** It was ended as a whole; else on these surfaces alone. */
  endedWhole: boolean;
  endedOn: Set<string>;
  /** When panels of it were ended last; null where none were. */
  panelsAt: Minute | null;
  /** Surfaces it was begun or ended on; null for all it has. */
  on: Set<string> | null;
  /** Attended minutes that were said to be left, and when. */
  saidLeft: { minutes: number; at: Minute } | null;
}

/** An entry as it was written, or as it was matched to the steps of today. */
type Entry = LogEntry & Partial<Pick<MatchedEntry, 'on' | 'share'>>;

const closes = (entry: LogEntry): boolean => entry.kind === 'left' || entry.kind === 'ended';

/**
 * The log read step by step. A beginning while others are at it is a change of the crew; a coat tapped before anybody
 * said that they began is the beginning.
 */
export function stepLogs(log: readonly Entry[]): Map<string, StepLog> {
  const logs = new Map<string, StepLog>();
  for (const entry of standingEntries(log)) {
    const own = logs.get(entry.step) ?? blankLog(entry.step);
    const open = own.sittings.find((one) => one.to === null);
    if (entry.kind === 'began' || (entry.kind === 'coat' && own.sittings.length === 0)) {
      if (open) open.to = entry.at;
      begin(own, entry);
    } else if (closes(entry)) {
      if (open) open.to = entry.at;
      close(own, entry);
    }
    if (own.sittings.length > 0 || own.ended !== null) logs.set(entry.step, own);
  }
  return logs;
}

const blankLog = (step: string): StepLog => ({
  step,
  sittings: [],
  ended: null,
  endedWhole: false,
  endedOn: new Set(),
  panelsAt: null,
  on: new Set(),
  saidLeft: null,
});

function begin(own: StepLog, entry: Entry): void {
  const { step, at, people, redo, share } = entry;
  own.sittings.push({ step, from: at, to: null, people, redo, share: share ?? 1 });
  own.ended = null;
  own.endedWhole = false;
  // What is done again is not done; a beginning after leaving off goes on with the rest.
  if (redo !== '') for (const surface of entry.on ?? [...own.endedOn]) own.endedOn.delete(surface);
  concern(own, entry);
}

function close(own: StepLog, entry: Entry): void {
  const isEnd = entry.kind === 'ended';
  own.ended = isEnd ? entry.at : null;
  own.endedWhole = isEnd && (entry.on ?? null) === null;
  // Panels that were named in leaving off are done; the rest is left.
  if (isEnd || entry.parts.length > 0)
    for (const surface of entry.on ?? []) {
      own.endedOn.add(surface);
      own.panelsAt = entry.at;
    }
  own.saidLeft =
    entry.kind === 'left' && entry.remainingMin !== null
      ? { minutes: entry.remainingMin, at: entry.at }
      : null;
  concern(own, entry);
}

/** Keeps in mind which surfaces an entry speaks of. */
function concern(own: StepLog, { on, parts, kind }: Entry): void {
  // Panels named in a coat are those it was laid on so far; the step is begun as a whole.
  const all = on === null || on === undefined || (kind === 'coat' && parts.length > 0);
  if (all) own.on = null;
  else if (own.on) for (const surface of on) own.on.add(surface);
}

/** Minutes of the clock a sitting has lasted by then. */
export const lasted = ({ from, to, share }: Sitting, now: Minute): number =>
  Math.max(0, Math.min(to ?? now, now) - from) * share;

/** Person-minutes of a sitting by then: nobody named counts as one. */
export const worked = (sitting: Sitting, now: Minute): number =>
  lasted(sitting, now) * Math.max(1, sitting.people.length);
