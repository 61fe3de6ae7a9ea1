import { randomUUID } from 'node:crypto';
import { nowSeconds } from '../access/now';
import { database } from '../database/client';
import { namesOf } from '../repositories/account-repository';
import { loadJob } from '../repositories/job-repository';
import {
  bringJobBack,
  loadTrash,
  putJobAway,
  trashedById,
  type Trashed,
} from '../repositories/trash-repository';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

/** How long a job lies in the trash, seconds. */
const keptSeconds = 30 * 24 * 3600;

/** What lies in the trash, the latest first, with who put it there. */
export async function trashed(): Promise<(Trashed & { by: string })[]> {
  const all = await loadTrash(database());
  const names = await namesOf(
    database(),
    all.map((one) => one.author),
  );
  return all.map((one) => ({ ...one, by: names.get(one.author) ?? 'somebody' }));
}

/** Puts a job into the trash with everything that belongs to it; the calendar of the others is free of it at once. */
export const trashJob = (number: string, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'trash', 'shop', async (connection): Promise<Prepared> => {
    const stored = await loadJob(connection, number);
    if (!stored) return faulty('job', `there is no job ${number}`);
    const putAt = nowSeconds();
    return {
      status: 'ok',
      room: 'shop',
      kind: 'edit',
      label: `job ${number} put into the trash`,
      changes: [],
      undoable: false,
      also: async (one) => {
        await putJobAway(one, {
          id: randomUUID(),
          job: number,
          label: stored.job.name.slice(0, 80),
          author: writer.author,
          putAt,
          endsAt: putAt + keptSeconds,
        });
      },
    };
  });

/** Brings a job back out of the trash, as it stood. */
export const untrashJob = (id: string, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'trash', 'shop', async (connection): Promise<Prepared> => {
    const found = await trashedById(connection, id);
    if (!found) return faulty('trash', 'it is not in the trash any more');
    if (await loadJob(connection, found.job))
      return faulty('trash', `the number ${found.job} is taken by another job now`);
    return {
      status: 'ok',
      room: 'shop',
      kind: 'edit',
      label: `job ${found.job} brought back from the trash`,
      changes: [],
      undoable: false,
      also: async (one) => {
        if (!(await bringJobBack(one, id))) throw new Error('it went while it was locked');
      },
    };
  });
