import { potLifeAt, volumeParts, type CoatingSheet } from '../film';
import type { Minute } from '../units';

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

/** Cards of the batches of one session: equal batches, each mixed when the last is nearly used. */
export function batchCards(
  product: string,
  sheet: CoatingSheet,
  { readyL, batches }: { readyL: number; batches: number },
  mixedAt: Minute,
  airC: number,
): BatchCard[] {
  const litres = readyL / batches;
  const potLife = potLifeAt(sheet, airC);
  const minutesABatch = sheet.flowLPerMin > 0 ? litres / sheet.flowLPerMin : 0;
  return Array.from({ length: batches }, (_, i) => {
    const at = Math.round(mixedAt + i * minutesABatch);
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
