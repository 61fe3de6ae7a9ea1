import type { FilmReading, Gauge } from '../record';
import type { Substrate } from '../vehicle';

/**
 * What each gauge can read through paint: magnetic on steel, eddy current on aluminium, ultrasonic on what is no metal;
 * a cut edge under the glass everywhere (ISO 2808 names these methods).
 */
const readable: Record<Gauge, readonly Substrate[]> = {
  magnetic: ['steel', 'galvanised'],
  eddy: ['aluminium'],
  ultrasonic: ['laminate', 'timber', 'plastic'],
  'cut-edge': ['steel', 'galvanised', 'aluminium', 'laminate', 'timber', 'plastic'],
};

export const gaugeReads = (gauge: Gauge, substrate: Substrate): boolean =>
  readable[gauge].includes(substrate);

/** The gauge one would take to a substrate. */
export const gaugeFor = (substrate: Substrate): Gauge =>
  substrate === 'aluminium'
    ? 'eddy'
    : substrate === 'steel' || substrate === 'galvanised'
      ? 'magnetic'
      : 'ultrasonic';

export interface FilmSummary {
  count: number;
  medianUm: number;
  lowestUm: number;
  highestUm: number;
}

/** Median and range of readings; null for none. */
export function filmSummary(readings: readonly Pick<FilmReading, 'um'>[]): FilmSummary | null {
  if (readings.length === 0) return null;
  const sorted = readings.map((one) => one.um).sort((a, b) => a - b);
  const middle = sorted.length / 2;
  const medianUm =
    sorted.length % 2 === 1 ? sorted[Math.floor(middle)]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
  return { count: sorted.length, medianUm, lowestUm: sorted[0]!, highestUm: sorted.at(-1)! };
}
