import { clearFigures } from './clear-budget';
import type { Ladder } from './ladder';

/**
 * What must stay of a film that is only corrected, read from the metal up, µm: 20–25 of primer and 15 of colour beneath
 * the 45 of clear that keep out the light. A working default; who knows the paint knows better.
 */
export const keptStopUm = 85;

/** Sanding takes up to a quarter more than the middle of its range: plans go by the middle, the stop line by the upper end. */
const upperEnd = 1.25;

export interface KeptBudget {
  takenUm: number;
  leftFlatUm: number;
  leftEdgeUm: number;
  stopFlatUm: number;
  stopEdgeUm: number;
}

/**
 * What correcting a kept film leaves of it. Edges carry the share 0.6 of what flats read, stay taped through every grit
 * and lose twice as much to the pad.
 * @param readUm lowest reading on the flats of a panel, µm, from the metal up
 */
export function keptBudget(readUm: number, { steps }: Pick<Ladder, 'steps'>): KeptBudget {
  const sum = (isPad: boolean) =>
    steps
      .filter((step) => (typeof step.grit !== 'number') === isPad)
      .reduce((total, step) => total + step.removalUm * upperEnd, 0);
  const [padUm, gritUm] = [sum(true), sum(false)];
  return {
    takenUm: padUm + gritUm,
    leftFlatUm: readUm - padUm - gritUm,
    leftEdgeUm: readUm * clearFigures.edgeShare - 2 * padUm,
    stopFlatUm: keptStopUm,
    stopEdgeUm: keptStopUm * clearFigures.edgeShare,
  };
}
