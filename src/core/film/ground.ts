import { LRUCache } from 'lru-cache';
import {
  bestGrey,
  coatsToHide,
  effectFilms,
  greyGround,
  hiddenBelow,
  insideOf,
  labOfHex,
  mixFilms,
  mostCoats,
  recipeFor,
  showThrough,
  smoothSpectrum,
  toners,
  type Film,
  type GroundChoice,
  type Spectrum,
} from '../colour';
import type { Family } from './family';

/** Pigment in the dry film of a family against a solid base coat; thick one-coat systems carry less of it. */
const strength: Partial<Record<Family, number>> = {
  base: 1,
  'waterborne-base': 1.15,
  'single-stage': 0.5,
  'one-part': 0.45,
  'two-part-marine': 0.5,
  gelcoat: 0.08,
};

/** Dry film at which a colour hides what lies beneath; `over` names a product or a colour, and is empty for any ground. */
export interface HidesOver {
  over: string;
  um: number;
}

/** What a colour may lie over: a shade of grey, or another colour of the vehicle. */
export interface Ground {
  /** Code of its product, or key of its colour; left out for what is only tried. */
  key?: string;
  name: string;
  l: number | null;
  hex: string | null;
}

export interface GroundRow {
  name: string;
  /** Whole coats until it is hidden; null where twelve do not do it. */
  coats: number | null;
  /** Coats beyond the planned ones that this ground asks for. */
  extra: number | null;
  /** What still shows after the planned coats, ΔE00, and whether the eye would see it. */
  leftAfter: number;
  hidden: boolean;
  /** Film at which somebody found it hidden, µm; null where the spectrum tells. */
  typedUm: number | null;
}

export interface GroundAdvice {
  covers: 'well' | 'poorly' | 'never';
  planned: number;
  rows: GroundRow[];
  best: GroundChoice;
  /** How near invented toners come to the screen colour, ΔE00; null where effective constants stand in. */
  matchDeltaE: number | null;
  /** ΔE00 to the finished colour after each coat over the first ground. */
  steps: number[];
}

/** A colour as it is laid: what it is by family, product and screen colour, and in how many coats of which film. */
export interface LaidColour {
  family: Family;
  product: string;
  hex: string;
  coatUm: number;
  planned: number;
  /** What was found on cards. */
  hides?: readonly HidesOver[];
}

const rows = new LRUCache<string, GroundRow>({ max: 500 });

/** What a colour hides of one ground; null for what is no colour or hides nothing by its nature. */
export function hidingOver(asked: LaidColour, ground: Ground): GroundRow | null {
  const { family, product, hex, coatUm, planned } = asked;
  const typed = typedOver(asked, ground) ?? '';
  const key = [family, product, hex, coatUm, planned, ground.name, ground.l, ground.hex, typed].join('|');
  const known = rows.get(key);
  if (known) return known;
  const film = filmOf(family, product, hex)?.film ?? null;
  if (!film) return null;
  const row = rowOf(film, asked, ground);
  rows.set(key, row);
  return row;
}

/** Film at which a colour was found to hide a ground, µm: what was typed for it, else for any; null where nothing was. */
function typedOver({ hides = [] }: LaidColour, { key }: Ground): number | null {
  const own =
    hides.find((one) => key !== undefined && one.over === key) ?? hides.find((one) => one.over === '');
  return own?.um ?? null;
}

function rowOf(film: Film | null, asked: LaidColour, ground: Ground): GroundRow {
  const { coatUm, planned } = asked;
  const plannedCoats = Math.max(1, planned);
  const under = groundSpectrum(ground);
  const typedUm = typedOver(asked, ground);
  const bySpectrum = film ? showThrough(film, coatUm, under, plannedCoats).at(-1)! : Infinity;
  const coats =
    typedUm !== null ? Math.ceil(typedUm / coatUm - 1e-9) : film ? coatsToHide(film, coatUm, under) : null;
  const isHidden = typedUm === null ? bySpectrum < hiddenBelow : plannedCoats >= (coats ?? Infinity);
  // A card stands before the spectrum: hidden is hidden, and what shows shows by no less than an eye sees.
  const leftAfter = typedUm === null ? bySpectrum : isHidden ? 0 : Math.max(hiddenBelow, bySpectrum);
  const extra = coats === null ? null : Math.max(0, coats - plannedCoats);
  return { name: ground.name, coats, extra, leftAfter, hidden: isHidden, typedUm };
}

/** A colour that needs no more coats than this over any grey covers well. */
const wellWithin = 3;

/**
 * Hiding power and ground of a colour: coats to hide each thing it may lie over, the grey sealer that asks least of it,
 * and what shows after the planned coats (Kubelka–Munk over each band, docs/method.md, Colour). The recipe is found from the screen
 * colour with invented toners: a sprayed card decides.
 * @param grounds what lies beneath first, then other colours it may meet   @returns null for what is no colour
 */
export function groundAdvice(asked: LaidColour, grounds: readonly Ground[]): GroundAdvice | null {
  const { family, product, hex, coatUm, planned } = asked;
  const made = filmOf(family, product, hex);
  if (!made) return null;
  const { film, matchDeltaE } = made;
  const plannedCoats = Math.max(1, planned);
  const rows = grounds.map((ground) => rowOf(film, asked, ground));
  if (!film) return { covers: 'never', planned, rows, best: lightest, matchDeltaE: null, steps: [] };
  const overGreys = [20, 50, 92].map((l) => coatsToHide(film, coatUm, greyGround(l)) ?? mostCoats + 1);
  const first = grounds[0];
  return {
    covers: Math.max(...overGreys) <= wellWithin ? 'well' : 'poorly',
    planned,
    rows,
    best: bestGrey(film, coatUm, plannedCoats),
    matchDeltaE,
    steps: first ? showThrough(film, coatUm, groundSpectrum(first), mostCoats) : [],
  };
}

/** A candy takes its light from the ground: nothing under it is ever hidden. */
const lightest: GroundChoice = { l: 92, coats: null, leftAfter: Infinity };

function filmOf(
  family: Family,
  product: string,
  hex: string,
): { film: Film | null; matchDeltaE: number | null } | null {
  if (family === 'candy' || family === 'flake') return { film: null, matchDeltaE: null };
  if (family === 'effect-base')
    return { film: product.includes('pearl') ? effectFilms.pearl : effectFilms.silver, matchDeltaE: null };
  const share = strength[family];
  if (share === undefined) return null;
  const { shares, deltaE } = recipeOfHex(hex);
  return { film: mixFilms(bench, shares, share), matchDeltaE: deltaE };
}

const bench = toners.map((one) => one.film);
const found = new LRUCache<string, { shares: number[]; deltaE: number }>({ max: 200 });

/** The same colour is asked for with every page: the recipe is kept. */
function recipeOfHex(hex: string): { shares: number[]; deltaE: number } {
  const known = found.get(hex);
  if (known) return known;
  const made = recipeFor(smoothSpectrum(labOfHex(hex)), bench);
  found.set(hex, made);
  return made;
}

/** Inside reflectance of a ground by its shade of grey or its screen colour. */
export function groundSpectrum({ l, hex }: Omit<Ground, 'name'>): Spectrum {
  if (hex !== null) return smoothSpectrum(labOfHex(hex)).map((value) => insideOf(Math.max(0.042, value)));
  return greyGround(l ?? 50);
}
