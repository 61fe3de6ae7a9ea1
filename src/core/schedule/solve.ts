import { compile } from './compile';
import type { Compiled } from './compiled';
import type { Objective, ScheduleModel } from './model';
import { Search, type Solution } from './search';

/** How long to look: whole attempts, or until a clock says so. With `iterations` the clock is not asked. */
export interface Effort {
  seed: number;
  iterations: number | null;
  /** True when the time is over; asked between attempts. */
  isOver: () => boolean;
}

export type Solved =
  | { status: 'plan'; problem: Compiled; solution: Solution; lowerBound: number; attempts: number }
  | { status: 'contradiction'; constraints: string[]; irreducible: boolean }
  | { status: 'nothing' };

/** Most times the horizon is moved out for want of open hours. */
const mostStretches = 4;

/** Looks for the best plan of a checked problem. */
export function solve(model: ScheduleModel, objective: Objective, effort: Effort): Solved {
  let stretch = 1;
  let problem = compile(model, stretch);
  let search = new Search(problem, objective, effort.seed);
  const most = effort.iterations ?? Infinity;
  let done = 0;
  for (; done < Math.max(1, most); done += 1) {
    if (effort.iterations === null && done > 0 && effort.isOver()) break;
    search.iterate();
    if (search.best === null && search.ranOut && done >= 8 && stretch < 4 ** mostStretches) {
      stretch *= 4;
      problem = compile(model, stretch);
      search = new Search(problem, objective, effort.seed);
    }
  }
  if (!search.best) return { status: 'nothing' };
  return { status: 'plan', problem, solution: search.best, lowerBound: 0, attempts: done };
}
