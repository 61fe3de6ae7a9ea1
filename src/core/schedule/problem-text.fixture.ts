import { readScheduleProblem } from '../exchange';
import { checkPlan } from './plan-checker.fixture';
import { faultsOfReasons } from './reasons-checker.fixture';
import { resultOf, type ScheduleResult } from './result';
import { solve, type Solved } from './solve';
import type { Objective } from './model';

type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

/** A problem document of these parts, with one job unless others are given. */
export const problemOf = (parts: Json): Json => ({
  format: 'coatrel.schedule-problem',
  version: 1,
  jobs: [{ id: 'J' }],
  resources: [],
  ...parts,
});

export function solved(problem: Json, objective: Objective = 'shop', iterations = 40): Solved {
  const read = readScheduleProblem(JSON.stringify(problem));
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  return solve(read.value, objective, { seed: 1, iterations, isOver: () => false });
}

/** The plan of a problem as its document, after the independent checkers have found nothing wrong with it. */
export function planOf(problem: Json, objective: Objective = 'shop', iterations = 40): ScheduleResult {
  const found = solved(problem, objective, iterations);
  if (found.status !== 'plan') throw new Error(`no plan: ${JSON.stringify(found)}`);
  const read = readScheduleProblem(JSON.stringify(problem));
  if (read.status === 'faulty') throw new Error('faulty');
  const result = resultOf(read.value, found.problem, found.solution, objective, found.lowerBound);
  const printed = JSON.parse(JSON.stringify(result)) as ScheduleResult;
  const faults = [...checkPlan(problem, printed).faults, ...faultsOfReasons(problem, printed)];
  if (faults.length > 0) throw new Error(faults.join('\n'));
  return printed;
}

/** Start and end by step. */
export const times = (result: ScheduleResult): Record<string, [number, number]> =>
  Object.fromEntries(result.steps.map((one) => [one.id, [one.start, one.end]]));
