import type { LogEntryRecord } from '../concepts/log-entry';

export type { LoggedAir, LoggedCoat, LoggedWork } from '../concepts/log-entry';

/** An entry of the log. It is never changed: a mistake is corrected by a counter-entry. */
export interface LogEntry extends LogEntryRecord {
  id: string;
}

/** An entry as it is sent: what was done on which surfaces is read from the plan; `at` null means now, by the server's clock. */
export type NewLogEntry = Omit<LogEntry, 'id' | 'corrects' | 'at' | 'work'> & { at: LogEntry['at'] | null };

/** Entries that stand: those taken back, and the entries that take them back, left out; in order of time. */
export function standingEntries(log: readonly LogEntry[]): LogEntry[] {
  const takenBack = new Set(log.flatMap((entry) => entry.corrects ?? []));
  return log
    .filter((entry) => entry.corrects === null && !takenBack.has(entry.id))
    .map((entry, i) => ({ entry, i }))
    .sort((a, b) => a.entry.at - b.entry.at || a.i - b.i)
    .map(({ entry }) => entry);
}
