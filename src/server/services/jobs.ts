import {
  arrivalFaults,
  colourFaults,
  wayFaults,
  writeJobBundle,
  type Fault,
  type JobBundle,
} from '../../core/exchange';
import { shelfOf } from '../../core/film';
import type { NewJob } from '../../core/record';
import { proposeJob } from '../../core/survey';
import { localDateOf } from '../../core/units';
import { database } from '../database/client';
import { jobChanges } from '../repositories/job-changes';
import { jobNumbers, loadJob } from '../repositories/job-repository';
import { shelfChanges } from '../repositories/shop-repository';
import { currentMinute } from './clock';
import { readSnapshot, requireShop } from './snapshot';
import { write, type EditOutcome, type Writer } from './unit-of-work';

const taken = (number: string): Fault => ({ place: 'number', reason: `the number ${number} is taken` });

/** Puts a new job into the yard; its parts, sections and plan follow from its body kind. */
export function createJob(given: NewJob, writer: Writer): Promise<EditOutcome> {
  const job = proposeJob(given);
  return write(writer, 'shop', async (connection) => {
    const { shop } = await requireShop(connection);
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

/** Takes a job out of a bundle into the yard; products that the shelf lacks come with it. */
export const importJob = ({ job, shelf: brought }: JobBundle, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'shop', async (connection) => {
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
      changes: [...shelfChanges(missing), ...jobChanges(job)],
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

/** Numbers of all jobs. */
export const listJobs = (): Promise<string[]> => jobNumbers(database());
