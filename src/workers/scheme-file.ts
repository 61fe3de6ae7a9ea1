import { coloursCgats, maskDrawing, maskMapSvg, stationsCsv } from '../core/exchange';
import { stripName, type Job } from '../core/record';
import { stripOf } from '../core/scheme';
import { netOfJob, schemeLayout } from '../core/survey';
import { bodyKindOf } from '../core/vehicle';
import { fontBytes } from './documents/faces';
import { maskMapPdf } from './documents/mask-map-pdf';
import type { SchemeFile, StripFile, WorkerAnswers } from './tasks';

/** A file of a scheme; null for a strip that the body does not have, a reason where nothing can be printed. */
export async function schemeFile(job: Job, file: SchemeFile): Promise<WorkerAnswers['scheme-file']> {
  if (file.of === 'stations') return stationsCsv(job.constructions, schemeLayout(job));
  if (file.of === 'colours') return coloursCgats(job);
  return stripFile(job, file);
}

async function stripFile(job: Job, file: StripFile): Promise<WorkerAnswers['scheme-file']> {
  const route = bodyKindOf(job.bodyKind)?.route ?? 'panel';
  const strip = stripOf(netOfJob(job), route, file.strip);
  if (!strip) return null;
  const layout = schemeLayout(job);
  if (file.of === 'mask-map') return maskMapSvg(job, layout, strip);
  return maskMapPdf({
    job,
    strip,
    stripName: stripName(strip.key),
    drawing: maskDrawing(layout, strip),
    paper: file.paper,
    font: fontBytes(),
  });
}
