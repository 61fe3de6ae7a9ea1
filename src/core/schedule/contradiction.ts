import { compile } from './compile';
import { lagCycle } from './lag-cycle';
import { demandsOf, type Demand } from './demands';
import { Exact, mostLearned } from './learn/exact';
import type { ScheduleModel } from './model';

/** Whether a problem has a plan, as far as so many conflicts tell. */
export type Standing = 'none' | 'some' | 'open';

/** Conflicts that one question may take. */
const mostConflicts = 4000;

/** Asks whether there is any plan at all, over a horizon long enough for a proof. */
export function standingOfModel(model: ScheduleModel, isOver: () => boolean): Standing {
  if (model.steps.length > mostLearned) return 'open';
  const problem = compile(model, 'proof');
  if (lagCycle(problem)) return 'none';
  const exact = Exact.of(problem, 'makespan', 1);
  if (!exact) return 'open';
  for (let done = 0; done < mostConflicts; done += 200) {
    const verdict = exact.run(200, isOver);
    if (verdict === 'found') return 'some';
    if (verdict === 'none') return exact.proves ? 'none' : 'open';
    if (isOver()) return 'open';
  }
  return 'open';
}

/**
 * Demands that contradict each other such that none can be left out (Junker's QuickXplain, 2004). The model must be
 * proven to have no plan.
 */
export function contradiction(
  model: ScheduleModel,
  isOver: () => boolean,
): { demands: Demand[]; irreducible: boolean } {
  const all = demandsOf(model);
  let certain = true;
  const without = (left: ReadonlySet<Demand>) =>
    all.reduce((from, one) => (left.has(one) ? from : one.without(from)), model);
  /** Whether these demands alone, and what cannot be given up, contradict. */
  const contradicts = (kept: readonly Demand[]): boolean => {
    const standing = isOver() ? 'open' : standingOfModel(without(new Set(kept)), isOver);
    if (standing === 'open') certain = false;
    return standing === 'none';
  };
  const explain = (ground: readonly Demand[], added: boolean, rest: readonly Demand[]): Demand[] => {
    if (added && contradicts(ground)) return [];
    if (rest.length === 1) return [...rest];
    const half = rest.length >> 1;
    const [first, second] = [rest.slice(0, half), rest.slice(half)];
    const fromSecond = explain([...ground, ...first], first.length > 0, second);
    const fromFirst = explain([...ground, ...fromSecond], fromSecond.length > 0, first);
    return [...fromFirst, ...fromSecond];
  };
  if (all.length === 0 || contradicts([])) return { demands: [], irreducible: certain };
  return { demands: explain([], false, all), irreducible: certain };
}
