import sharp from 'sharp';
import { drawnElevations } from '../core/elevation';
import { elevationsSvg } from '../core/exchange';
import type { WorkerAnswers, WorkerTask } from './tasks';

/** A picture for a screen or a letter is so wide, px. */
const pngPx = 2000;

/** The elevations of a job as data to draw, as an SVG, or as a picture of it. */
export async function elevations({
  job,
  plan,
  as,
}: Extract<WorkerTask, { kind: 'elevations' }>): Promise<WorkerAnswers['elevations']> {
  const drawn = drawnElevations(job, plan);
  if (as === 'drawing') return drawn;
  const svg = elevationsSvg(`${job.number} ${job.name}`, drawn);
  if (as === 'svg') return svg;
  return new Uint8Array(await sharp(Buffer.from(svg)).resize({ width: pngPx }).png().toBuffer());
}
