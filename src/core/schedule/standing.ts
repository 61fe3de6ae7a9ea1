import type { Standing } from './bookings';
import type { Compiled } from './compiled';

/** Facts as steps that stand: they hold their resources from now on. */
export function standingOf({ facts, steps, now }: Compiled): Standing[] {
  return facts.map(({ step, start, end, resources }) => ({
    step,
    start,
    end,
    resources,
    loadFrom: now,
    loadTo: Infinity,
    sides: resources ? (steps[step]!.choices[0]?.sides ?? null) : null,
  }));
}
