import { writePanelMap } from '../../core/exchange';
import { gaugeFor, netOfJob, partsOfJob } from '../../core/survey';
import { database } from '../database/client';
import { loadJob, type StoredJob } from '../repositories/job-repository';
import { surveyId } from '../repositories/job-ids';
import { saveEdit, type EditOutcome, type Writer } from './edits';
import { readText } from './read-file';

const noJob = (number: string): EditOutcome => ({
  status: 'faulty',
  faults: [{ place: 'job', reason: `there is no job ${number}` }],
});

/** The panels that are painted, as a panel map; null when there is no such job. */
export async function exportPanelMap(number: string): Promise<string | null> {
  const stored = await loadJob(database(), number);
  return stored && writePanelMap(partsOfJob(stored.job), `${stored.job.number} ${stored.job.name}`);
}

const seenOf = ({ job, versions }: StoredJob, part: string): number | null =>
  versions[surveyId(job.number, part)] ?? null;

/**
 * Reads a panel map into a job. @param instead leave the present panels out; else the map's are added to them
 */
export async function importPanelMap(
  number: string,
  text: string,
  instead: boolean,
  writer: Writer,
): Promise<EditOutcome> {
  const stored = await loadJob(database(), number);
  if (!stored) return noJob(number);
  const map = await readText({ kind: 'read-panel-map', text, job: stored.job, instead });
  if (map.status === 'faulty') return map;
  const present = partsOfJob(stored.job).map((part) => part.key);
  const { parts, lines } = map.value;
  const read = new Set(parts.map((part) => part.key));
  const clash = instead ? [] : present.filter((key) => read.has(key));
  if (clash.length > 0)
    return {
      status: 'faulty',
      faults: clash.map((key) => ({ place: `path ${key}`, reason: 'there is a panel of that id already' })),
    };
  const leaveOut = instead ? present.filter((key) => !read.has(key)) : [];
  return saveEdit(
    {
      kind: 'add-parts',
      job: number,
      parts,
      lines,
      leaveOut: leaveOut.map((part) => ({ part, seen: seenOf(stored, part) })),
    },
    writer,
  );
}

/** Reads film readings from a CSV file into a job: all of them or none. */
export async function importReadings(number: string, text: string, writer: Writer): Promise<EditOutcome> {
  const stored = await loadJob(database(), number);
  if (!stored) return noJob(number);
  const { job } = stored;
  const fallback = gaugeFor(job.sections[0]?.substrate ?? 'steel');
  const file = await readText({ kind: 'read-readings', text, fallback });
  if (file.status === 'faulty') return file;
  const net = new Set(netOfJob(job).map((part) => part.key));
  const unknown = file.value.find((one) => !net.has(one.part));
  if (unknown)
    return {
      status: 'faulty',
      faults: [{ place: `line ${unknown.line}`, reason: `there is no part ${unknown.part} on the net` }],
    };
  return saveEdit(
    {
      kind: 'add-readings',
      job: number,
      readings: file.value.map(({ line: _line, ...one }) => ({ ...one, source: 'file' })),
    },
    writer,
  );
}
