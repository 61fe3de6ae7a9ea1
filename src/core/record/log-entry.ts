import type { LogEntryRecord } from '../concepts/log-entry';

export type { LoggedAir, LoggedCoat } from '../concepts/log-entry';

/** An entry of the log. It is never changed: a mistake is corrected by a counter-entry. */
export interface LogEntry extends LogEntryRecord {
  id: string;
}

/** Entries that stand: those taken back, and the entries that take them back, left out; in order of time. */
export function standingEntries(log: readonly LogEntry[]): LogEntry[] {
  const takenBack = new Set(log.flatMap((entry) => entry.corrects ?? []));
  return log
    .filter((entry) => entry.corrects === null && !takenBack.has(entry.id))
    .map((entry, i) => ({ entry, i }))
    .sort((a, b) => a.entry.at - b.entry.at || a.i - b.i)
    .map(({ entry }) => entry);
}
