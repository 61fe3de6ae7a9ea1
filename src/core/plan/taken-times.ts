import type { Stretch } from '../schedule';
import type { PlannedStep } from './model';

/** When a person or a place is taken by a step: from its start to its end, or the stretches of whoever shares it. */
export function timesTaken(
  { start, end, uses, shares }: Pick<PlannedStep, 'start' | 'end' | 'uses' | 'shares'>,
  id: string,
): Stretch[] {
  if (!uses.includes(id)) return [];
  const own = shares.filter((one) => one.person === id);
  return own.length > 0 ? own.map((one) => ({ from: one.start, to: one.end })) : [{ from: start, to: end }];
}
