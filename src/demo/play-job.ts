import type { Plan } from '../core/plan';
import type { StepFact } from '../core/record';
import { minutesWithin, type Stretch } from '../core/schedule';
import type { Minute } from '../core/units';

/** How far actual hours differed from the plan, by operation: preparation ran over, spraying did not. */
const pace: Record<string, number> = {
  'strip-disc': 1.2,
  'strip-chemical': 1.1,
  'strip-down': 1.15,
  fill: 1.05,
  block: 1.08,
  mask: 1.25,
  'colour-sand': 0.95,
  polish: 0.95,
};

/** Plays a plan up to a minute over the shop's open stretches: what ended before it is done, what spans it is running, with what was logged. */
export function playUntil(plan: Plan, now: Minute, open: readonly Stretch[]): StepFact[] {
  return plan.steps
    .filter((step) => step.start < now)
    .map((step) => {
      const done = step.end <= now;
      const share = done ? 1 : (now - step.start) / (step.end - step.start);
      return {
        step: step.key,
        status: done ? 'done' : 'running',
        start: step.start,
        end: done ? step.end : null,
        // What is left of the planned working time, so that nothing but the pace moves the plan.
        remainingMin: done ? null : Math.min(step.minutes, minutesWithin(open, now, step.end)),
        personMinutes: Math.round(step.personMinutes * share * (pace[step.operation] ?? 1)),
        materialsMinor: Math.round(step.materialsMinor * share),
        uses: step.uses,
      } satisfies StepFact;
    });
}
