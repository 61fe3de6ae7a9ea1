import type { PlanInput } from '../plan/model';

/** What a plan is made from, with the promises of the other jobs told apart. */
export interface Situation extends Omit<PlanInput, 'commitments'> {
  promised: ReadonlyMap<string, PlanInput['commitments']>;
}

export const inputOf = ({ promised, ...rest }: Situation): PlanInput => ({
  ...rest,
  commitments: [...promised.values()].flat(),
});
