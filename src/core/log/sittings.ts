import { standingEntries, type LogEntry } from '../record';
import type { Minute } from '../units';

/** A stretch of work on one step by the same people, from beginning to leaving off. */
export interface Sitting {
  step: string;
  from: Minute;
  /** Null while it lasts. */
  to: Minute | null;
  people: string[];
  /** Cause of work that is done again; empty for first work. */
  redo: string;
}

/** What the log says of one step. */
export interface StepLog {
  step: string;
  sittings: Sitting[];
  /** When it was ended; null while it is not, or when it was begun again after its end. */
  ended: Minute | null;
  /** Attended minutes that were said to be left, and when. */
  saidLeft: { minutes: number; at: Minute } | null;
}

const closes = (entry: LogEntry): boolean => entry.kind === 'left' || entry.kind === 'ended';

/**
 * The log read step by step. A beginning while others are at it is a change of the crew; a coat tapped before anybody
 * said that they began is the beginning.
 */
export function stepLogs(log: readonly LogEntry[]): Map<string, StepLog> {
  const logs = new Map<string, StepLog>();
  for (const entry of standingEntries(log)) {
    const own = logs.get(entry.step) ?? { step: entry.step, sittings: [], ended: null, saidLeft: null };
    const open = own.sittings.find((one) => one.to === null);
    if (entry.kind === 'began' || (entry.kind === 'coat' && own.sittings.length === 0)) {
      if (open) open.to = entry.at;
      own.sittings.push({
        step: entry.step,
        from: entry.at,
        to: null,
        people: entry.people,
        redo: entry.redo,
      });
      own.ended = null;
    } else if (closes(entry)) {
      if (open) open.to = entry.at;
      own.ended = entry.kind === 'ended' ? entry.at : null;
      own.saidLeft =
        entry.kind === 'left' && entry.remainingMin !== null
          ? { minutes: entry.remainingMin, at: entry.at }
          : null;
    }
    if (own.sittings.length > 0 || own.ended !== null) logs.set(entry.step, own);
  }
  return logs;
}

/** Minutes of the clock a sitting has lasted by then. */
export const lasted = ({ from, to }: Sitting, now: Minute): number =>
  Math.max(0, Math.min(to ?? now, now) - from);

/** Person-minutes of a sitting by then: nobody named counts as one. */
export const worked = (sitting: Sitting, now: Minute): number =>
  lasted(sitting, now) * Math.max(1, sitting.people.length);
