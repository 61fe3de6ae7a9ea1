import { withWork } from '../../core/log';
import type { Job } from '../../core/record';
import { findingId } from '../repositories/job-ids';
import { update } from '../repositories/row-change';
import { currentMinute } from './clock';
import { planningShop } from './planning-shop';
import { readSnapshot, type Snapshot } from './snapshot';
import { commandWriter, write } from './unit-of-work';

/** An entry is written once and has this version. */
const asWritten = 1;

/**
 * Entries of the log that were written before they remembered their work are told it once, job by job, before the server
 * starts: from then on they are known by surface, whatever becomes of the sections.
 * @returns how many entries were brought up
 */
export async function bringUpLog(): Promise<number> {
  const snapshot = await readSnapshot(null);
  let count = 0;
  for (const { job } of snapshot.jobs) count += await bringUpJob(job, snapshot);
  return count;
}

async function bringUpJob(job: Job, { shop }: Snapshot): Promise<number> {
  const blank = new Set(job.log.flatMap((one) => (one.work === null ? [one.id] : [])));
  if (blank.size === 0) return 0;
  const told = withWork(job, planningShop(shop), currentMinute()).filter(
    ({ id, work }) => blank.has(id) && work !== null,
  );
  if (told.length === 0) return 0;
  const outcome = await write(commandWriter, 'log', { job: job.number }, () =>
    Promise.resolve({
      status: 'ok',
      room: job.number,
      kind: 'import',
      label: `${told.length} entries of the log told by surface`,
      undoable: false,
      changes: told.map(({ id, work }) => update('logEntry', findingId(job.number, id), asWritten, { work })),
    }),
  );
  return outcome.status === 'saved' ? told.length : 0;
}
