import { closingAt, waitAcross, waitingAt, type ClosingKey, type CoatingSheet, type WaitKey } from '../film';
import type { MonthAir, Place, Shift } from '../shop';
import type { LocalDate } from '../units';

/** Months of the year (0–11) that a job may run through, from its arrival to a month after its promise. */
export function monthsOf(arrival: LocalDate, promised: LocalDate): number[] {
  const index = (date: LocalDate) => Number(date.slice(0, 4)) * 12 + Number(date.slice(5, 7)) - 1;
  const [first, last] = [index(arrival), index(promised)];
  return [...new Set(Array.from({ length: Math.min(12, last - first + 1) }, (_, i) => (first + i) % 12))];
}

/** The airs a place can have in those months; one where it is kept at a temperature. */
export const airsOf = (place: Place, months: readonly number[]): MonthAir[] =>
  place.profile
    ? months.map((month) => place.profile![month]!)
    : [{ workC: place.airC, nightC: place.airC, humidity: 50 }];

/** Waits up to this are taken in working hours; longer ones run into the night. */
const byDayMin = 240;
const daysAhead = 40;

/**
 * Longest wait of a product in a place over the months: short ones at the air of working hours, longer ones as if they
 * began when the shop closes, so that the cold night counts. Cold days of a weekend are not reckoned.
 * @returns null where every air lies outside the product's limits, or the sheet gives no such time
 */
export function longestWait(
  sheet: CoatingSheet,
  key: WaitKey,
  airs: readonly MonthAir[],
  shift: Pick<Shift, 'startMin' | 'endMin'>,
): number | null {
  const waits = airs.flatMap((air) => {
    const byDay = waitingAt(sheet, key, air.workC);
    if (byDay === null) return [];
    if (byDay <= byDayMin || air.nightC === air.workC) return [byDay];
    const stretches = Array.from({ length: daysAhead }, (_, day) => [
      { untilMin: (day + 1) * 1440 + shift.startMin, airC: air.nightC },
      { untilMin: (day + 1) * 1440 + shift.endMin, airC: air.workC },
    ]).flat();
    return [waitAcross(sheet, key, shift.endMin, stretches) ?? byDay];
  });
  return waits.length > 0 ? Math.max(...waits) : null;
}

/** Shortest closing window of a product in a place over the months; warmth of working hours shortens it. */
export function shortestWindow(
  sheet: CoatingSheet,
  key: ClosingKey,
  airs: readonly MonthAir[],
): number | null {
  const windows = airs.flatMap((air) => closingAt(sheet, key, air.workC) ?? []);
  return windows.length > 0 ? Math.min(...windows) : null;
}
