import { maskMapSvg, stationsCsv } from '../core/exchange';
import type { Job } from '../core/record';
import { stripOf } from '../core/scheme';
import { netOfJob, schemeLayout } from '../core/survey';
import { bodyKindOf } from '../core/vehicle';

/** A file of a scheme: all stations as CSV, or a strip at true scale as SVG; null for a strip the body does not have. */
export function schemeFile(
  job: Job,
  file: { of: 'stations' } | { of: 'mask-map'; strip: string },
): string | null {
  if (file.of === 'stations') return stationsCsv(job.constructions, schemeLayout(job));
  const route = bodyKindOf(job.bodyKind)?.route ?? 'panel';
  const strip = stripOf(netOfJob(job), route, file.strip);
  return strip && maskMapSvg(job, schemeLayout(job), strip);
}
