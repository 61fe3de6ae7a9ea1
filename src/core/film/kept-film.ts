import { usualFigures, type FigurePlace, type Figures } from '../figures';
import type { Ladder } from './ladder';

/** Sanding takes up to a quarter more than the middle of its range: plans go by the middle, the stop line by the upper end. */
const upperEnd = 1.25;

/** What must stay of a film that is only corrected, read from the metal up, and what edges carry and lose. */
export interface KeptFigures {
  stopUm: number;
  edgeShare: number;
  edgeTakes: number;
}

export const keptFiguresOf = (figures: Figures, at: FigurePlace = {}): KeptFigures => ({
  stopUm: figures('kept.stop', at),
  edgeShare: figures('clear.edge-share', at),
  edgeTakes: figures('clear.edge-takes', at),
});

export interface KeptBudget {
  takenUm: number;
  leftFlatUm: number;
  leftEdgeUm: number;
  stopFlatUm: number;
  stopEdgeUm: number;
}

/**
 * What correcting a kept film leaves of it. Edges carry their share of what flats read, stay taped through every grit
 * and lose more to the pad.
 * @param readUm lowest reading on the flats of a panel, µm, from the metal up
 */
export function keptBudget(
  readUm: number,
  { steps }: Pick<Ladder, 'steps'>,
  { stopUm, edgeShare, edgeTakes }: KeptFigures = keptFiguresOf(usualFigures),
): KeptBudget {
  const sum = (isPad: boolean) =>
    steps
      .filter((step) => (typeof step.grit !== 'number') === isPad)
      .reduce((total, step) => total + step.removalUm * upperEnd, 0);
  const [padUm, gritUm] = [sum(true), sum(false)];
  return {
    takenUm: padUm + gritUm,
    leftFlatUm: readUm - padUm - gritUm,
    leftEdgeUm: readUm * edgeShare - edgeTakes * padUm,
    stopFlatUm: stopUm,
    stopEdgeUm: stopUm * edgeShare,
  };
}
