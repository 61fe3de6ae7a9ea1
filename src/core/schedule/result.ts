import { becauseOf, type Reason } from './because';
import type { Compiled } from './compiled';
import type { Objective, ScheduleModel, TakenUse } from './model';
import { placedPlan } from './placed-plan';
import type { Solution } from './solution';

/** The document `coatrel.schedule` version 1. */
export interface ScheduleResult {
  format: 'coatrel.schedule';
  version: 1;
  status: 'feasible' | 'optimal';
  objective: Objective;
  makespan: number;
  lateness: number;
  holdMinutes: number;
  lowerBound: number;
  broken: { link: number }[];
  holds: { id: string; resource: string; start: number; end: number }[];
  steps: { id: string; start: number; end: number; uses: TakenUse[]; because: Reason[] }[];
}

/** Writes a solution as a document, with the reasons of every step. */
export function resultOf(
  model: ScheduleModel,
  problem: Compiled,
  solution: Solution,
  objective: Objective,
  lowerBound: number,
): ScheduleResult {
  const plan = placedPlan(problem, solution);
  const said = new Map([...model.done, ...model.running].map((one) => [one.step, one.uses]));
  const uses = (step: number): TakenUse[] => {
    const facts = said.get(problem.steps[step]!.id);
    if (facts) return facts;
    return model.steps[step]!.uses.map((use, e) => {
      const resource = problem.resources[plan.taken[step]![e]!]!.id;
      return 'hold' in use ? { hold: use.hold, resource } : { resource, amount: use.amount };
    });
  };
  const { lateness, holdMinutes, makespan } = solution.figures;
  return {
    format: 'coatrel.schedule',
    version: 1,
    status: solution.aims[0]! <= lowerBound ? 'optimal' : 'feasible',
    objective,
    makespan,
    lateness,
    holdMinutes,
    lowerBound,
    broken: problem.broken.map((link) => ({ link })),
    holds: plan.holds.flatMap((one, h) => {
      if (one.resource < 0) return [];
      const { id } = problem.holds[h]!;
      return [{ id, resource: problem.resources[one.resource]!.id, start: one.start, end: one.end }];
    }),
    steps: problem.steps.map((step, i) => ({
      id: step.id,
      start: solution.start[i]!,
      end: solution.end[i]!,
      uses: uses(i),
      because: becauseOf(plan, i, objective),
    })),
  };
}
