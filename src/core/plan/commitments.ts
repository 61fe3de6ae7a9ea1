import type { Plan } from './model';
import type { Commitment } from '../schedule';
import { timesTaken } from './taken-times';

/**
 * What a plan takes of people and places, for the plans of other jobs to respect. What an open gate holds is planned but
 * not booked: it takes nothing.
 */
export function commitmentsOf(plan: Plan): Commitment[] {
  const held = new Set(plan.stays.map((stay) => `${stay.key}\n${stay.place}`));
  const attended = plan.steps
    .filter((step) => step.state !== 'done' && step.heldBy.length === 0)
    .flatMap((step) =>
      step.uses
        .filter((resource) => !held.has(`${step.hold}\n${resource}`))
        .flatMap((resource) =>
          timesTaken(step, resource).map(({ from, to }) => ({
            resource,
            from,
            to,
            holder: `${plan.job} ${step.name}`,
          })),
        ),
    );
  const unbooked = new Set(plan.steps.flatMap((step) => (step.heldBy.length > 0 ? [step.hold] : [])));
  const booked = plan.stays.filter((stay) => !unbooked.has(stay.key));
  const places = booked.map((stay) => ({
    resource: stay.place,
    from: stay.start,
    to: stay.end,
    holder: `${plan.job} ${stay.subject}`,
  }));
  return [...attended, ...places];
}
