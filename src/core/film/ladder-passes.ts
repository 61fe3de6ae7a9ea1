import type { ClearBudget } from './clear-budget';
import type { Ladder, LadderStep } from './ladder';

/** What one grit or pad of a sequence takes, µm of cured film. */
export interface PassTaken {
  flatUm: number;
  edgeUm: number;
  /** Edges are still under tape. */
  edgesTaped: boolean;
}

const isGrit = (step: LadderStep): boolean => typeof step.grit === 'number';

/**
 * What each step of a sequence takes off flats and edges; over the whole of it the sums of the clear budget, in which the
 * first grit that levels takes the texture if that is more. The edges of a kept film stay taped through every grit.
 * @param clear the budget of a laid clear; null where another film is sanded   @param edgeTakes loss of an edge for each µm of the flat
 */
export function takenByPass(
  { steps }: Pick<Ladder, 'steps'>,
  clear: Pick<ClearBudget, 'tapeThrough' | 'removedFlatUm'> | null,
  edgeTakes: number,
): PassTaken[] {
  const tapedTo = clear
    ? steps.findLastIndex((step) => step.grit === clear.tapeThrough)
    : steps.findLastIndex(isGrit);
  const listed = steps.reduce((sum, step) => sum + step.removalUm, 0);
  const levellingUm = clear ? clear.removedFlatUm - listed : 0;
  return steps.map((step, i) => ({
    flatUm: step.removalUm + (i === 0 ? levellingUm : 0),
    edgeUm: i <= tapedTo ? 0 : step.removalUm * edgeTakes,
    edgesTaped: i <= tapedTo,
  }));
}
