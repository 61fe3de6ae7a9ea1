import { usualFigures, type FigurePlace, type Figures } from '../figures';
import type { Ladder, LadderStep } from './ladder';

export interface ClearBudgetInput {
  ladder: Pick<Ladder, 'steps'>;
  /** Dry film of one clear coat, µm. */
  coatUm: number;
  /** Least coats the level asks for. */
  levelMinimum: number;
  /** Least coats the data sheet asks for. */
  productMinimum: number;
  /** In how many sessions the coats go on, and whether they are cut flat between them; left out where one takes all. */
  sessions?: ClearBudget['sessions'];
  /** What must stay and what edges lose; the trade's where nobody typed other. */
  figures?: FilmFigures;
}

export interface ClearBudget {
  coats: number;
  flatCoats: number;
  edgeCoats: number;
  /** Edges stay taped up to and with this grit; null = not taped. */
  tapeThrough: LadderStep['grit'] | null;
  removedFlatUm: number;
  /** What scuffing or cutting between the sessions takes, µm, of flats and edges alike. */
  betweenUm: number;
  /** The sessions it was reckoned with; null where they were not asked for. */
  sessions: { most: number | null; cut: boolean } | null;
  /** Left on flats and on edges after colour sanding, polishing and the second look, µm. */
  leftFlatUm: number;
  leftEdgeUm: number;
  /** What it was reckoned with. */
  figures: FilmFigures;
}

/** What must stay on flats and on edges, what edges carry and lose, the second look's allowance, texture from the gun. */
export interface FilmFigures {
  residualUm: number;
  edgeResidualUm: number;
  edgeShare: number;
  /** What an edge loses for each µm that a flat does. */
  edgeTakes: number;
  secondLookUm: number;
  textureUm: number;
  /** A scuff only keys a film; nibs are taken between coats by roller. */
  scuffUm: number;
  nibsUm: number;
  /** Shares of a build round that blocking takes, on flats and on edges. */
  blockedShare: number;
  blockedEdgeShare: number;
}

/** The figures of the clear that hold at a place. */
export const filmFiguresOf = (figures: Figures, at: FigurePlace = {}): FilmFigures => ({
  residualUm: figures('clear.residual', at),
  edgeResidualUm: figures('clear.edge-residual', at),
  edgeShare: figures('clear.edge-share', at),
  edgeTakes: figures('clear.edge-takes', at),
  secondLookUm: figures('clear.second-look', at),
  textureUm: figures('clear.texture', at),
  scuffUm: figures('take.scuff', at),
  nibsUm: figures('take.nibs', at),
  blockedShare: figures('take.block', at),
  blockedEdgeShare: figures('take.block-edge', at),
});

/** What nobody typed. */
export const usualFilmFigures: FilmFigures = filmFiguresOf(usualFigures);

/** A ladder that starts finer than this only scuffs the peaks: the texture stays. */
const levellingGrit = 1200;

const isPolish = (step: LadderStep) => step.grit === 'cut' || step.grit === 'polish';

/**
 * Clear coats needed for a finish, and the least taping of edges.
 * `n_flat = ceil((R + max(T, r_1) + Σ_{k≥2} r_k + L) / d)`, `n_edge = ceil((R_e + t·Σ_{k not taped} r_k) / (f·d))`,
 * `n = max(level minimum, product minimum, n_flat, n_edge)`. Edges are tried untaped, then taped up to each coarser
 * grit in turn; the first with n_edge ≤ max(minima, n_flat) is taken.
 * Where the coats need several sessions, what is scuffed or cut between them is added to both.
 * Derivation: the film laid must cover what sanding takes, the second look and the residual; an edge carries the
 * share f of the flat film and loses t times as much.
 */
export function clearBudget(input: ClearBudgetInput): ClearBudget {
  // More coats may need one session more, and that one more scuffing: until the sum holds.
  let budget = budgetWith(input, 0);
  for (let round = 0; round < mostSessions; round += 1) {
    const betweenUm = takenBetween(budget.coats, input.sessions, input.figures);
    if (betweenUm <= budget.betweenUm) return budget;
    budget = budgetWith(input, betweenUm);
  }
  return budget;
}

const mostSessions = 10;

/** Clears in each session: as many as the product takes at once, or half and half where they are cut flat between. */
export function clearSessionSizes(coats: number, most: number | null, cut: boolean): number[] {
  const each = most ?? coats;
  const first = cut && coats > 2 ? Math.min(each, Math.ceil(coats / 2)) : each;
  const sizes: number[] = [];
  for (let left = coats; left > 0; left -= sizes.at(-1)!)
    sizes.push(Math.min(left, sizes.length === 0 ? first : each));
  return sizes;
}

/** What scuffing or cutting takes between the sessions of so many coats, µm. */
export function takenBetween(
  coats: number,
  sessions: ClearBudget['sessions'] | undefined,
  { textureUm, scuffUm }: FilmFigures = usualFilmFigures,
): number {
  if (!sessions) return 0;
  const turns = Math.max(0, clearSessionSizes(coats, sessions.most, sessions.cut).length - 1);
  return turns * (sessions.cut ? textureUm : scuffUm);
}

function budgetWith(
  {
    ladder,
    coatUm,
    levelMinimum,
    productMinimum,
    sessions = null,
    figures = usualFilmFigures,
  }: ClearBudgetInput,
  betweenUm: number,
): ClearBudget {
  const { residualUm, edgeResidualUm, edgeShare, edgeTakes, secondLookUm, textureUm } = figures;
  const { steps } = ladder;
  const [first, ...rest] = steps;
  const levels = typeof first?.grit === 'number' && first.grit <= levellingGrit;
  const firstUm = first ? (levels ? Math.max(textureUm, first.removalUm) : first.removalUm) : 0;
  const sum = (list: readonly LadderStep[]) => list.reduce((total, step) => total + step.removalUm, 0);
  const lookUm = steps.length > 0 ? secondLookUm : 0;
  const removedFlatUm = firstUm + sum(rest);
  const flatCoats =
    steps.length === 0 ? 0 : Math.ceil(round((residualUm + removedFlatUm + lookUm + betweenUm) / coatUm));
  const minimum = Math.max(levelMinimum, productMinimum, flatCoats);
  const untapedFrom = [0, ...steps.flatMap((step, i) => (isPolish(step) ? [] : [i + 1]))];
  const edgeNeed = (from: number) =>
    steps.length === 0
      ? 0
      : Math.ceil(
          round((edgeResidualUm + betweenUm + edgeTakes * sum(steps.slice(from))) / (edgeShare * coatUm)),
        );
  const from = untapedFrom.find((start) => edgeNeed(start) <= minimum) ?? untapedFrom.at(-1)!;
  const edgeCoats = edgeNeed(from);
  const coats = Math.max(minimum, edgeCoats);
  return {
    coats,
    flatCoats,
    edgeCoats,
    tapeThrough: from === 0 ? null : steps[from - 1]!.grit,
    removedFlatUm,
    betweenUm,
    sessions,
    leftFlatUm: coats * coatUm - removedFlatUm - lookUm - betweenUm,
    leftEdgeUm: coats * coatUm * edgeShare - edgeTakes * sum(steps.slice(from)) - betweenUm,
    figures,
  };
}

/** Takes binary dust off a quotient before it is rounded up, so that an exact fit is not read as one coat more. */
const round = (quotient: number) => Math.round(quotient * 1e9) / 1e9;

/**
 * What is left of a typed number of clears, compared with the computed budget, µm. No less than nothing can be left:
 * where the planned work would take more than is there, `through` says so.
 */
export function clearLeft(
  clear: Pick<ClearBudget, 'coats' | 'leftFlatUm' | 'leftEdgeUm' | 'betweenUm' | 'sessions' | 'figures'>,
  coats: number,
  dryUm: number,
): { flatUm: number; edgeUm: number; through: 'none' | 'edges' | 'flats' } {
  const fewer = clear.coats - coats;
  // Fewer coats may fit fewer sessions, and then less goes between them.
  const spared = clear.betweenUm - takenBetween(coats, clear.sessions, clear.figures);
  const flatUm = clear.leftFlatUm - fewer * dryUm + spared;
  const edgeUm = clear.leftEdgeUm - fewer * dryUm * clear.figures.edgeShare + spared;
  return {
    flatUm: Math.max(0, flatUm),
    edgeUm: Math.max(0, edgeUm),
    through: flatUm < 0 ? 'flats' : edgeUm < 0 ? 'edges' : 'none',
  };
}
