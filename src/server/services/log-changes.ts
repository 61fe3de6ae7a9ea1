import type { Edit } from '../../core/record';
import type { Minute } from '../../core/units';
import { logEntryCells, type StoredJob } from '../repositories/job-repository';
import type { RowChange } from '../repositories/row-change';

type LogEdit = Extract<Edit, { kind: 'log' | 'correct-log' }>;

/** Entries of the log as rows; the log is only ever added to. */
export function logChanges(
  edit: LogEdit,
  { job }: StoredJob,
  newId: () => string,
  now: Minute,
): { label: string; changes: RowChange[] } {
  const insert = (entry: Parameters<typeof logEntryCells>[1]): RowChange => ({
    kind: 'insert',
    table: 'logEntry',
    row: logEntryCells(job.number, entry, job.log.length),
  });
  if (edit.kind === 'log') {
    const entry = { ...edit.entry, at: edit.entry.at ?? now, id: newId(), corrects: null };
    return { label: `${entry.kind} ${entry.step}`, changes: [insert(entry)] };
  }
  const taken = job.log.find((one) => one.id === edit.id);
  const entry = {
    id: newId(),
    step: taken?.step ?? '',
    kind: 'note' as const,
    at: taken?.at ?? 0,
    people: [],
    parts: [],
    remainingMin: null,
    redo: '',
    coat: null,
    note: edit.note,
    corrects: edit.id,
  };
  return { label: 'entry taken back', changes: [insert(entry)] };
}
