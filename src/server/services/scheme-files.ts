import type { PaperKey } from '../../core/exchange';
import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { inThread } from '../workers/pool';
import type { SchemeFile } from '../../workers/tasks';

type MadeFile = string | Uint8Array | { reason: string } | null;

/** A file of a job's scheme, made on a thread; null where the job or the strip is not there. */
async function made(number: string, file: SchemeFile): Promise<MadeFile> {
  const stored = await loadJob(database(), number);
  return stored && inThread({ kind: 'scheme-file', job: stored.job, file });
}

/** The station table of a job as CSV, or its colours as CGATS text. */
export const exportStations = (number: string): Promise<MadeFile> => made(number, { of: 'stations' });
export const exportColours = (number: string): Promise<MadeFile> => made(number, { of: 'colours' });

/** A strip of a job's scheme at true scale: as one drawing, or on sheets of a paper. */
export const exportMaskMap = (number: string, strip: string, paper: PaperKey | null): Promise<MadeFile> =>
  made(number, paper === null ? { of: 'mask-map', strip } : { of: 'mask-sheets', strip, paper });
