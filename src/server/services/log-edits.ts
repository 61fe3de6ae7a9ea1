import type { LogEntry } from '../../core/record';
import { logEntryInsert } from '../repositories/job-changes';
import { fault, made, type JobMakers } from './edit-makers';

/** Entries of the log; the log is only ever added to. */
export const logMakers: JobMakers<'log' | 'correct-log'> = {
  log: ({ job, entry: given }, { newId, now, nextPosition, work }) => {
    const entry: LogEntry = { ...given, at: given.at ?? now, work, id: newId(), corrects: null };
    return made(`${entry.kind} ${entry.step}`, logEntryInsert(job, entry, nextPosition));
  },
  'correct-log': ({ job, id, note }, { stored, newId, nextPosition }) => {
    const taken = stored.job.log.find((one) => one.id === id);
    if (!taken) return fault('id', 'there is no such entry');
    const entry: LogEntry = {
      id: newId(),
      step: taken.step,
      kind: 'note',
      at: taken.at,
      people: [],
      parts: [],
      remainingMin: null,
      redo: '',
      coat: null,
      note,
      work: null,
      corrects: id,
    };
    return made('entry taken back', logEntryInsert(job, entry, nextPosition));
  },
};
