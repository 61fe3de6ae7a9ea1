import type { Operation } from './operation';
import { sessionFault } from './pass-of-task';
import { workStates } from './work-state';

/**
 * What speaks against an entry of the catalogue that no single field shows: a crew out of order, a rate that nothing
 * sets, or a need that only comes about after what the operation makes, so that it would wait for itself.
 * @returns a sentence, or null
 */
export function checkOperation(entry: Omit<Operation, 'code'>): string | null {
  const { leastCrew, usualCrew, mostCrew, rate, rateBy, makes, needs, before, kind, leastC, mostC } = entry;
  if (!(leastCrew <= usualCrew && usualCrew <= mostCrew))
    return 'the usual crew must lie between the least and the most';
  if (rate === null && rateBy === null && kind === 'work')
    return 'the rate must be a figure or follow a rule';
  if (leastC != null && mostC != null && leastC >= mostC) return 'the least air must lie below the most';
  const session = sessionFault(entry);
  if (session !== null) return session;
  const at = (state: (typeof workStates)[number]) => workStates.indexOf(state);
  const reached = [...(makes ? [makes] : []), ...before];
  for (const need of needs)
    for (const state of reached)
      if (at(need) >= at(state)) return `it would wait for itself: ${need} comes only after ${state}`;
  if (makes !== null && before.includes(makes)) return `it cannot make ${makes} and come before it`;
  return null;
}
