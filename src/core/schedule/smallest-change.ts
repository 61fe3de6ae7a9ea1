import { compile } from './compile';
import type { Demand } from './demands';
import { Improver } from './improver';
import { lagCycle } from './lag-cycle';
import type { ScheduleModel } from './model';

/** The least that was found to give a plan. */
export interface SmallestChange {
  /** Index among the demands. */
  demand: number;
  /** Figure that gives a plan in place of the one that stands; null where the demand is dropped whole. */
  to: number | null;
}

/** Rounds in which a plan is looked for after a change. */
const roundsEach = 40;
/** Halvings of the way to a figure that gives a plan. */
const mostHalvings = 17;
/** How far a figure is moved at most before it is as good as dropped, minutes. */
const farthest = 4 * 7 * 1440;

function hasPlan(model: ScheduleModel, isOver: () => boolean): boolean {
  const problem = compile(model);
  if (lagCycle(problem)) return false;
  const improver = new Improver(problem, 'makespan', 1);
  for (let round = 0; round < roundsEach && !isOver(); round += 1) {
    improver.iterate(isOver);
    if (improver.best) return true;
    if (improver.closed) return false;
  }
  return false;
}

/**
 * The smallest of the changes that would give a plan, one contradicting demand at a time: figures are moved as little as
 * halving finds, and where none helps a demand is dropped. Smaller changes may exist where time ran out.
 * @returns null when no single change was found to help
 */
export function smallestChange(
  model: ScheduleModel,
  demands: readonly Demand[],
  isOver: () => boolean,
): SmallestChange | null {
  let best: (SmallestChange & { by: number }) | null = null;
  let dropped: SmallestChange | null = null;
  for (const [demand, { gives, without }] of demands.entries()) {
    if (isOver()) break;
    if (!gives) {
      if (!dropped && hasPlan(without(model), isOver)) dropped = { demand, to: null };
      continue;
    }
    const sign = gives.figure === 'max' ? 1 : -1;
    const works = (by: number) => hasPlan(gives.with(model, gives.at + sign * by), isOver);
    let low = 0;
    let high: number = Math.min(best?.by ?? farthest, sign < 0 ? gives.at : farthest);
    if (high <= 0 || !works(high)) continue;
    for (let i = 0; i < mostHalvings && high - low > 1 && !isOver(); i += 1) {
      const middle = Math.floor((low + high) / 2);
      if (works(middle)) high = middle;
      else low = middle;
    }
    if (!best || high < best.by) best = { demand, to: gives.at + sign * high, by: high };
  }
  return best ? { demand: best.demand, to: best.to } : dropped;
}
