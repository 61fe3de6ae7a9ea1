import type { Plan } from './plan-model';
import type { Commitment } from './schedule';

/** What a plan takes of people and places, for the plans of other jobs to respect. */
export function commitmentsOf(plan: Plan): Commitment[] {
  const held = new Set(plan.stays.map((stay) => `${stay.key}\n${stay.place}`));
  const attended = plan.steps
    .filter((step) => step.state !== 'done')
    .flatMap((step) =>
      step.uses
        .filter((resource) => !held.has(`${step.hold}\n${resource}`))
        .map((resource) => ({
          resource,
          from: step.start,
          to: step.end,
          holder: `${plan.job} ${step.name}`,
        })),
    );
  const places = plan.stays.map((stay) => ({
    resource: stay.place,
    from: stay.start,
    to: stay.end,
    holder: `${plan.job} ${stay.subject}`,
  }));
  return [...attended, ...places];
}
