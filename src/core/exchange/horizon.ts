import { addDays, type LocalDate } from '../units';
import type { Fault } from './faults';

/** No job stands longer than this, and every page draws all of it. */
export const longestJobDays = 5 * 366;

/** What is wrong with the days of a job; @param place the one of the two that was written */
export function horizonFaults(arrival: LocalDate, promised: LocalDate, place = 'promised'): Fault[] {
  if (promised < arrival) return [{ place, reason: 'the promised day lies before the arrival' }];
  if (promised > addDays(arrival, longestJobDays))
    return [{ place, reason: 'the promised day lies more than five years after the arrival' }];
  return [];
}
