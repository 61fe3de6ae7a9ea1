import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { inThread } from '../workers/pool';

/** The station table of a job as CSV; null where there is no such job. */
export async function exportStations(number: string): Promise<string | null> {
  const stored = await loadJob(database(), number);
  return stored && inThread({ kind: 'scheme-file', job: stored.job, file: { of: 'stations' } });
}

/** A strip of a job's scheme at true scale; null where the job or the strip is not there. */
export async function exportMaskMap(number: string, strip: string): Promise<string | null> {
  const stored = await loadJob(database(), number);
  return stored && inThread({ kind: 'scheme-file', job: stored.job, file: { of: 'mask-map', strip } });
}
