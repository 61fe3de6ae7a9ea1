import { wayFaults, writeJobBundle, type Fault, type JobBundle } from '../../core/exchange';
import type { NewJob } from '../../core/record';
import { proposeJob } from '../../core/survey';
import { database } from '../database/client';
import { jobChanges, jobNumbers, loadJob } from '../repositories/job-repository';
import { shelfChanges } from '../repositories/shop-repository';
import { saveChanges, type EditOutcome } from './edits';
import { requireShop } from './plans';

/** Puts a new job into the yard; its parts, sections and plan follow from its body kind. */
export async function createJob(given: NewJob, author: string): Promise<EditOutcome> {
  return saveJob(proposeJob(given), [], author, 'new job');
}

async function saveJob(
  job: JobBundle['job'],
  more: ReturnType<typeof shelfChanges>,
  author: string,
  label: string,
): Promise<EditOutcome> {
  if (await loadJob(database(), job.number)) return { status: 'faulty', faults: [taken(job.number)] };
  const outcome = await saveChanges('shop', author, `${label} ${job.number}`, [...more, ...jobChanges(job)]);
  return outcome.status === 'moved-on' && outcome.why === 'exists'
    ? { status: 'faulty', faults: [taken(job.number)] }
    : outcome;
}

const taken = (number: string): Fault => ({ place: 'number', reason: `the number ${number} is taken` });

/** Takes a job out of a bundle into the yard; products that the shelf lacks come with it. */
export async function importJob(bundle: JobBundle, author: string): Promise<EditOutcome> {
  const { shop, shelf } = await requireShop();
  const faults = bundle.job.sections.flatMap((section, i) => wayFaults(section, shop, `job.sections[${i}]`));
  if (faults.length > 0) return { status: 'faulty', faults };
  const missing = bundle.shelf.filter((product) => !shelf.has(product.code));
  return saveJob(bundle.job, shelfChanges(missing), author, 'import of');
}

/** A job as a bundle with the shop and the shelf it was planned with; null when there is none. */
export async function exportJob(number: string): Promise<string | null> {
  const stored = await loadJob(database(), number);
  if (!stored) return null;
  const { shop, shelf, operations } = await requireShop();
  return writeJobBundle({ job: stored.job, shop, shelf: [...shelf.values()], operations });
}

/** Numbers of all jobs. */
export const listJobs = (): Promise<string[]> => jobNumbers(database());
