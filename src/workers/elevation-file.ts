import sharp from 'sharp';
import { elevationsSvg } from '../core/exchange';
import type { WorkerAnswers, WorkerTask } from './tasks';

/** A picture for a screen or a letter is so wide, px. */
const pngPx = 2000;

/** The elevations of a job as one sheet: an SVG, or a picture of it. */
export async function elevationFile({
  job,
  views,
  as,
}: Extract<WorkerTask, { kind: 'elevation-file' }>): Promise<WorkerAnswers['elevation-file']> {
  const svg = elevationsSvg(`${job.number} ${job.name}`, views);
  if (as === 'svg') return svg;
  return new Uint8Array(await sharp(Buffer.from(svg)).resize({ width: pngPx }).png().toBuffer());
}
