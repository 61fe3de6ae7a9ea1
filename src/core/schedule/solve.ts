import { compile } from './compile';
import type { Compiled } from './compiled';
import { contradiction, standingOfModel } from './contradiction';
import type { Demand } from './demands';
import { Improver } from './improver';
import { lagCycle } from './lag-cycle';
import type { Objective, ScheduleModel } from './model';
import { commonMinutes, inUnitsOf } from './scale';
import { smallestChange, type SmallestChange } from './smallest-change';
import type { Solution } from './solution';

/** How long to look: whole rounds, or until a clock says so. With `iterations` the clock is not asked. */
export interface Effort {
  seed: number;
  iterations: number | null;
  /** True when the time is over; asked between attempts. */
  isOver: () => boolean;
}

export type Solved =
  | { status: 'plan'; problem: Compiled; solution: Solution; lowerBound: number; rounds: number }
  | { status: 'contradiction'; demands: Demand[]; irreducible: boolean; change: SmallestChange | null }
  | { status: 'nothing' };

/** Most times the horizon is moved out for want of open hours, fourfold each time. */
const mostStretches = 4;

/** Looks for the best plan of a checked problem, in units of the minutes that divide all its times. */
export function solve(model: ScheduleModel, objective: Objective, effort: Effort): Solved {
  const unit = commonMinutes(model);
  const scaled = inUnitsOf(model, unit);
  const isOver = effort.iterations === null ? effort.isOver : () => false;
  let problem = compile(scaled);
  if (lagCycle(problem)) return contradictionOf(model, isOver);
  let improver = new Improver(problem, objective, effort.seed);
  let stretched = 0;
  let rounds = 0;
  for (; rounds < (effort.iterations ?? Infinity); rounds += 1) {
    if ((rounds > 0 && isOver()) || improver.closed) break;
    improver.iterate(isOver);
    if (improver.best !== null || !improver.ranOut || rounds < 8 || stretched >= mostStretches) continue;
    stretched += 1;
    problem = compile(scaled, 4 ** stretched);
    improver = new Improver(problem, objective, effort.seed);
  }
  const { best } = improver;
  if (best) {
    const lowerBound = improver.lowerBound * unit;
    return { status: 'plan', ...inMinutes(model, problem, best, unit), lowerBound, rounds };
  }
  if (standingOfModel(scaled, isOver) === 'none') return contradictionOf(model, isOver);
  return { status: 'nothing' };
}

function contradictionOf(model: ScheduleModel, isOver: () => boolean): Solved {
  const { demands, irreducible } = contradiction(model, isOver);
  return { status: 'contradiction', demands, irreducible, change: smallestChange(model, demands, isOver) };
}

/** The same plan and problem with all times in minutes again. */
function inMinutes(
  model: ScheduleModel,
  scaled: Compiled,
  best: Solution,
  unit: number,
): { problem: Compiled; solution: Solution } {
  if (unit === 1) return { problem: scaled, solution: best };
  const { lateness, holdMinutes, makespan } = best.figures;
  const last = Math.max(...best.end) * unit;
  const problem = compile(model, 1);
  return {
    problem: problem.hi >= last ? problem : compile(model, 4 ** mostStretches),
    solution: {
      ...best,
      aims: best.aims.map((one) => one * unit),
      figures: { lateness: lateness * unit, holdMinutes: holdMinutes * unit, makespan: makespan * unit },
      start: best.start.map((one) => one * unit),
      end: best.end.map((one) => one * unit),
    },
  };
}
