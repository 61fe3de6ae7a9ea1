import { addDays, type LocalDate } from '../units';
import type { Fault } from './faults';

/** No job stands longer than this, and every page draws all of it. */
export const longestJobDays = 5 * 366;

/** How far from today an arrival may lie, years back and ahead. */
const arrivalYears = { back: 10, ahead: 5 };

/** What is wrong with an arrival that is written today. */
export function arrivalFaults(arrival: LocalDate, today: LocalDate): Fault[] {
  const { back, ahead } = arrivalYears;
  if (arrival < addDays(today, -back * 366))
    return [{ place: 'arrival', reason: `the arrival lies more than ${back} years back` }];
  if (arrival > addDays(today, ahead * 366))
    return [{ place: 'arrival', reason: `the arrival lies more than ${ahead} years ahead` }];
  return [];
}

/** What is wrong with the days of a job; @param place the one of the two that was written */
export function horizonFaults(arrival: LocalDate, promised: LocalDate, place = 'promised'): Fault[] {
  if (promised < arrival) return [{ place, reason: 'the promised day lies before the arrival' }];
  if (promised > addDays(arrival, longestJobDays))
    return [{ place, reason: 'the promised day lies more than five years after the arrival' }];
  return [];
}
