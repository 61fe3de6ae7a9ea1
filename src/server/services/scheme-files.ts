import { maskMapSvg, stationsCsv } from '../../core/exchange';
import { stripOf } from '../../core/scheme';
import { netOfJob, schemeLayout } from '../../core/survey';
import { bodyKindOf } from '../../core/vehicle';
import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';

/** The station table of a job as CSV; null where there is no such job. */
export async function exportStations(number: string): Promise<string | null> {
  const stored = await loadJob(database(), number);
  return stored && stationsCsv(stored.job.constructions, schemeLayout(stored.job));
}

/** A strip of a job's scheme at true scale; null where the job or the strip is not there. */
export async function exportMaskMap(number: string, key: string): Promise<string | null> {
  const stored = await loadJob(database(), number);
  if (!stored) return null;
  const { job } = stored;
  const strip = stripOf(netOfJob(job), bodyKindOf(job.bodyKind)?.route ?? 'panel', key);
  return strip && maskMapSvg(job, schemeLayout(job), strip);
}
