import type { Ladder, LadderStep } from './ladder';

export interface ClearBudgetInput {
  ladder: Pick<Ladder, 'steps'>;
  /** Dry film of one clear coat, µm. */
  coatUm: number;
  /** Least coats the level asks for. */
  levelMinimum: number;
  /** Least coats the data sheet asks for. */
  productMinimum: number;
}

export interface ClearBudget {
  coats: number;
  flatCoats: number;
  edgeCoats: number;
  /** Edges stay taped up to and with this grit; null = not taped. */
  tapeThrough: LadderStep['grit'] | null;
  removedFlatUm: number;
  /** Left on flats and on edges after colour sanding, polishing and the second look, µm. */
  leftFlatUm: number;
  leftEdgeUm: number;
}

/** What must stay on flats and on edges, what edges carry, the second look's allowance, texture from the gun. */
export const clearFigures = {
  residualUm: 45,
  edgeResidualUm: 30,
  edgeShare: 0.6,
  secondLookUm: 4,
  textureUm: 10,
};

/** A ladder that starts finer than this only scuffs the peaks: the texture stays. */
const levellingGrit = 1200;

const isPolish = (step: LadderStep) => step.grit === 'cut' || step.grit === 'polish';

/**
 * Clear coats needed for a finish, and the least taping of edges.
 * `n_flat = ceil((R + max(T, r_1) + Σ_{k≥2} r_k + L) / d)`, `n_edge = ceil((R_e + 2·Σ_{k not taped} r_k) / (f·d))`,
 * `n = max(level minimum, product minimum, n_flat, n_edge)`. Edges are tried untaped, then taped up to each coarser
 * grit in turn; the first with n_edge ≤ max(minima, n_flat) is taken.
 * Derivation: the film laid must cover what sanding takes, the second look and the residual; an edge carries the
 * share f of the flat film and loses twice as much.
 */
export function clearBudget({ ladder, coatUm, levelMinimum, productMinimum }: ClearBudgetInput): ClearBudget {
  const { residualUm, edgeResidualUm, edgeShare, secondLookUm, textureUm } = clearFigures;
  const { steps } = ladder;
  const [first, ...rest] = steps;
  const levels = typeof first?.grit === 'number' && first.grit <= levellingGrit;
  const firstUm = first ? (levels ? Math.max(textureUm, first.removalUm) : first.removalUm) : 0;
  const sum = (list: readonly LadderStep[]) => list.reduce((total, step) => total + step.removalUm, 0);
  const lookUm = steps.length > 0 ? secondLookUm : 0;
  const removedFlatUm = firstUm + sum(rest);
  const flatCoats = steps.length === 0 ? 0 : Math.ceil(round((residualUm + removedFlatUm + lookUm) / coatUm));
  const minimum = Math.max(levelMinimum, productMinimum, flatCoats);
  const untapedFrom = [0, ...steps.flatMap((step, i) => (isPolish(step) ? [] : [i + 1]))];
  const edgeNeed = (from: number) =>
    steps.length === 0
      ? 0
      : Math.ceil(round((edgeResidualUm + 2 * sum(steps.slice(from))) / (edgeShare * coatUm)));
  const from = untapedFrom.find((start) => edgeNeed(start) <= minimum) ?? untapedFrom.at(-1)!;
  const edgeCoats = edgeNeed(from);
  const coats = Math.max(minimum, edgeCoats);
  return {
    coats,
    flatCoats,
    edgeCoats,
    tapeThrough: from === 0 ? null : steps[from - 1]!.grit,
    removedFlatUm,
    leftFlatUm: coats * coatUm - removedFlatUm - lookUm,
    leftEdgeUm: coats * coatUm * edgeShare - 2 * sum(steps.slice(from)),
  };
}

/** Takes binary dust off a quotient before it is rounded up, so that an exact fit is not read as one coat more. */
const round = (quotient: number) => Math.round(quotient * 1e9) / 1e9;

/**
 * What is left of a typed number of clears, compared with the computed budget, µm. No less than nothing can be left:
 * where the planned work would take more than is there, `through` says so.
 */
export function clearLeft(
  clear: Pick<ClearBudget, 'coats' | 'leftFlatUm' | 'leftEdgeUm'>,
  coats: number,
  dryUm: number,
): { flatUm: number; edgeUm: number; through: 'none' | 'edges' | 'flats' } {
  const fewer = clear.coats - coats;
  const flatUm = clear.leftFlatUm - fewer * dryUm;
  const edgeUm = clear.leftEdgeUm - fewer * dryUm * clearFigures.edgeShare;
  return {
    flatUm: Math.max(0, flatUm),
    edgeUm: Math.max(0, edgeUm),
    through: flatUm < 0 ? 'flats' : edgeUm < 0 ? 'edges' : 'none',
  };
}
