import { potLifeAt, volumeParts, type CoatingSheet } from '../film';
import type { Minute } from '../units';
import type { Pot } from './pots';

export interface MixLine {
  label: string;
  ml: number;
  /** Null where the sheet gives no density: then the mix is measured, not weighed. */
  grams: number | null;
  cumulativeGrams: number | null;
}

/**
 * Measures of a batch of ready mix, in the order of addition: mL and cumulative grams for a scale that is not tared.
 * @param litres of ready mix, > 0
 */
export function mixLines(sheet: Pick<CoatingSheet, 'mix' | 'mixBy'>, litres: number): MixLine[] {
  const parts = volumeParts(sheet);
  const whole = parts.reduce((sum, part) => sum + part.parts, 0);
  let total: number | null = 0;
  return parts.map((part) => {
    const ml = whole > 0 ? (litres * 1000 * part.parts) / whole : 0;
    const grams = part.densityKgL === null ? null : ml * part.densityKgL;
    total = total === null || grams === null ? null : total + grams;
    return { label: part.label, ml, grams, cumulativeGrams: total };
  });
}

export interface BatchCard {
  product: string;
  litres: number;
  /** Which batch of how many. */
  batch: number;
  of: number;
  lines: MixLine[];
  mixedAt: Minute;
  /** Not before this minute, where the sheet asks for an induction. */
  usableFrom: Minute;
  /** End of the pot life at the air of the place; null where it has none. */
  deadAt: Minute | null;
}

/**
 * Cards of the batches of one session: where the hours of the coats are known each as large as what is laid in its life
 * and mixed for its first minute; else equal ones, each mixed when the last is nearly used.
 */
export function batchCards(
  product: string,
  sheet: CoatingSheet,
  { readyL, batches, pots = [] }: { readyL: number; batches: number; pots?: readonly Pot[] },
  mixedAt: Minute,
  airC: number,
): BatchCard[] {
  const equal = readyL / batches;
  const inAll = pots.reduce((sum, pot) => sum + pot.litres, 0);
  const potLife = potLifeAt(sheet, airC);
  const minutesABatch = sheet.flowLPerMin > 0 ? equal / sheet.flowLPerMin : 0;
  return Array.from({ length: batches }, (_, i) => {
    const pot = pots.length === batches ? pots[i] : undefined;
    const litres = pot ? (readyL * pot.litres) / inAll : equal;
    const at = pot ? Math.floor(pot.from) - sheet.inductionMin : Math.round(mixedAt + i * minutesABatch);
    return {
      product,
      litres,
      batch: i + 1,
      of: batches,
      lines: mixLines(sheet, litres),
      mixedAt: at,
      usableFrom: at + sheet.inductionMin,
      deadAt: potLife === null ? null : at + potLife,
    };
  });
}
