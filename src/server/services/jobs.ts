import {
  arrivalFaults,
  colourFaults,
  wayFaults,
  writeJobBundle,
  type Fault,
  type JobBundle,
} from '../../core/exchange';
import { shelfOf } from '../../core/film';
import type { Job, NewJobAsked } from '../../core/record';
import { jobLike, proposeJob } from '../../core/survey';
import { localDateOf } from '../../core/units';
import { database } from '../database/client';
import { jobChanges } from '../repositories/job-changes';
import { jobHeads, loadJob, type JobHead } from '../repositories/job-repository';
import type { RowChange } from '../repositories/row-change';
import { shelfChanges } from '../repositories/shop-repository';
import { currentMinute } from './clock';
import { readSnapshot, requireShop } from './snapshot';
import { write, type EditOutcome, type Writer } from './unit-of-work';

const taken = (number: string): Fault => ({ place: 'number', reason: `the number ${number} is taken` });

/** Puts a new job into the yard; its parts, sections and plan follow from its body kind. */
export function createJob({ like, ...given }: NewJobAsked, writer: Writer): Promise<EditOutcome> {
  return write(writer, 'new-job', 'shop', async (connection) => {
    const { shop } = await requireShop(connection);
    const pattern = like === '' ? null : await loadJob(connection, like);
    const wrong = patternFault(like, given.bodyKind, pattern?.job ?? null);
    if (wrong) return { status: 'faulty', faults: [wrong] };
    const job = pattern ? jobLike(pattern.job, given) : proposeJob(given);
    const faults = arrivalFaults(job.arrival, localDateOf(currentMinute(), shop.timeZone));
    if (await loadJob(connection, job.number)) faults.push(taken(job.number));
    if (faults.length > 0) return { status: 'faulty', faults };
    return {
      status: 'ok',
      room: 'shop',
      kind: 'new-job',
      label: `new job ${job.number}`,
      changes: jobChanges(job),
      undoable: true,
    };
  });
}

/** A pattern is there, and of the same kind of body. */
function patternFault(like: string, bodyKind: string, pattern: Job | null): Fault | null {
  if (like === '') return null;
  if (!pattern) return { place: 'like', reason: `there is no job ${like}` };
  return pattern.bodyKind === bodyKind
    ? null
    : { place: 'like', reason: `${like} has another kind of body: a pattern is of the same` };
}

/** Takes a job out of a bundle into the yard; products that the shelf lacks come with it. @param besides rows that belong to it */
export const importJob = (
  { job, shelf: brought }: JobBundle,
  writer: Writer,
  besides: readonly RowChange[] = [],
): Promise<EditOutcome> =>
  write(writer, 'take-in-job', 'shop', async (connection) => {
    const { shop, shelf } = await requireShop(connection);
    // Products that the shelf lacks come with the job.
    const brings = shelfOf([...brought, ...shelf.values()]);
    const ground = { systems: shop.systems, shelf: brings, bodyKind: job.bodyKind };
    const faults = [
      ...job.sections.flatMap((section, i) => wayFaults(section, shop, `job.sections[${i}]`)),
      ...job.colours.flatMap((colour, i) => colourFaults(colour, `job.colours[${i}]`, ground)),
    ];
    if (await loadJob(connection, job.number)) faults.push(taken(job.number));
    if (faults.length > 0) return { status: 'faulty', faults };
    const missing = brought.filter((product) => !shelf.has(product.code));
    return {
      status: 'ok',
      room: 'shop',
      kind: 'import',
      label: `import of ${job.number}`,
      changes: [...shelfChanges(missing), ...jobChanges(job), ...besides],
      undoable: true,
    };
  });

/** A job as a bundle with the shop and the shelf it was planned with; null when there is none. */
export async function exportJob(number: string): Promise<string | null> {
  const { shop, jobs } = await readSnapshot(number);
  const [stored] = jobs;
  if (!stored) return null;
  return writeJobBundle({
    job: stored.job,
    shop: shop.shop,
    shelf: [...shop.shelf.values()],
    operations: shop.operations,
  });
}

/** Jobs by which a new one may be made. */
export const listPatterns = (): Promise<JobHead[]> => jobHeads(database());
