import type { CoatingSheet } from './product';
import { waitingAt } from './time-at-temperature';

export type TackAdvice =
  /** The film does not bear tape yet; in how many minutes it does. */
  | { code: 'too-fresh'; leftMin: number }
  /** Knock the tack back: stick the tape to clean cloth so many times before it is laid. */
  | { code: 'knock-back'; times: 1 | 2 }
  | { code: 'as-it-comes' };

/**
 * How tape is laid on a film by its age (docs/method.md, Tape): not before the sheet's tape time, on fresh film with the tack
 * knocked back twice, until full cure once, later as it comes. Products whose sheet gives no tape time are asked by the
 * time to handle.
 * @param ageMin minutes since the coat   @param airC air it stood in
 */
export function tackAdvice(sheet: CoatingSheet, ageMin: number, airC: number): TackAdvice {
  const bears = waitingAt(sheet, 'tapeAfterMin', airC) ?? waitingAt(sheet, 'handleAfterMin', airC) ?? 0;
  if (ageMin < bears) return { code: 'too-fresh', leftMin: Math.ceil(bears - ageMin) };
  const cured = waitingAt(sheet, 'fullCureMin', airC);
  if (cured === null || ageMin >= cured) return { code: 'as-it-comes' };
  return { code: 'knock-back', times: ageMin < 3 * bears ? 2 : 1 };
}

/** Minute by which tape must be off again: its rating from the laying. */
export const pullBy = (laid: number, ratedDays: number): number => laid + ratedDays * 1440;
