import { withFigureLines, writeFiguresCsv } from '../../core/exchange';
import { saveEdit, type EditOutcome, type Writer } from './edits';
import { readText } from './read-file';
import { readSnapshot, requireShop } from './snapshot';
import { shopId } from '../repositories/shop-repository';

/** The figures of the shop as CSV, or those of a job; null where there is no such job. */
export async function exportFigures(job: string | null): Promise<string | null> {
  if (job === null) return writeFiguresCsv((await requireShop()).shop.figures, 'shop');
  const [stored] = (await readSnapshot(job)).jobs;
  return stored ? writeFiguresCsv(stored.job.figures, 'job') : null;
}

/** Takes the figures of a CSV file over those that are typed; one undo takes all of it back. */
export async function importFigures(job: string | null, text: string, writer: Writer): Promise<EditOutcome> {
  const parsed = await readText({ kind: 'read-figures', text, whole: job === null ? 'shop' : 'job' });
  if (parsed.status === 'faulty') return parsed;
  if (job === null) {
    const { shop, versions } = await requireShop();
    const figures = withFigureLines(shop.figures, parsed.value);
    return saveEdit({ kind: 'shop', seen: versions[shopId]!, set: { figures } }, writer);
  }
  const [found] = (await readSnapshot(job)).jobs;
  if (!found)
    return { status: 'faulty', faults: [{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }] };
  const { job: record, versions } = found;
  const figures = withFigureLines(record.figures, parsed.value);
  return saveEdit({ kind: 'job', job, seen: versions[job]!, set: { figures } }, writer);
}
