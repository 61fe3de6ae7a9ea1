import type { Catalogue } from '../steps';
import type { Fault } from './faults';

/** Why a rate cannot be typed for an operation: nobody knows it, it has no rate, or its rate follows the level. */
export function rateFault(operation: string, entries: Catalogue): string | null {
  const entry = entries.get(operation);
  if (!entry) return `there is no operation ${operation}`;
  if (entry.rateBy === 'sanding' || entry.rateBy === 'polishing')
    return `“${entry.name}” has a rate for each grit and pad: type those in Figures, Colour sanding and polishing`;
  if (entry.rate === null) return `the rate of “${entry.name}” follows the level: change that in Film`;
  return entry.basis === 'fixed'
    ? `“${entry.name}” takes its minutes once: there is no rate to type, change its minutes in Steps`
    : null;
}

/** The same for the rates of a job, each at its operation. */
export const jobRateFaults = (
  rates: Readonly<Record<string, number>>,
  entries: Catalogue,
  place: string,
): Fault[] =>
  Object.entries(rates).flatMap(([operation, rate]) => {
    const reason =
      rateFault(operation, entries) ??
      (rate === 0 ? 'work of no minutes is left out in Steps, not given a rate of 0' : null);
    return reason === null ? [] : [{ place: `${place}.${operation}`, reason }];
  });
