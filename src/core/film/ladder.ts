import { gritTakesUm, type Grit, type GritTakes } from './grit-takes';

import { usualFigures, type FigurePlace, type Figures } from '../figures';

/** One step of colour sanding or polishing. Removal of cured clear in µm: the middle of the trade's range. */
export interface LadderStep {
  grit: Grit;
  removalUm: number;
}

export type LadderUse = 'colour' | 'block' | 'filler' | 'between' | 'strip';

export interface Ladder {
  key: string;
  name: string;
  /** One line why one would take this school. */
  why: string;
  use: LadderUse;
  /** By hand with blocks, or by machine on discs. */
  hand: boolean;
  steps: LadderStep[];
}

const colour = (
  key: string,
  name: string,
  why: string,
  hand: boolean,
  grits: LadderStep['grit'][],
): Ladder => ({
  key,
  name,
  why,
  use: 'colour',
  hand,
  steps: grits.map((grit) => ({ grit, removalUm: gritTakesUm(grit) })),
});
const polishes: LadderStep['grit'][] = ['cut', 'polish', 'polish'];

/** Ladders of colour sanding and polishing; structured discs for Road, hand blocks for Show and Mirror. */
export const ladders = {
  none: colour('none', 'from the gun, nibs only', 'no film is lost; the gun’s texture stays', true, []),
  light: colour('light', 'light cut', 'an old finish that only went dull', true, ['polish']),
  old: colour('old', '2000, 3000, cut and polish', 'corrects an old finish without its age', false, [
    2000,
    3000,
    'cut',
    'polish',
  ]),
  discs: colour(
    'discs',
    'damp discs 1500, 3000, cut and polish',
    'a third of the hours; texture is eased, not levelled',
    false,
    [1500, 3000, 'cut', 'polish'],
  ),
  'discs-fine': colour(
    'discs-fine',
    'damp discs 1500, 3000, 5000, cut and polish',
    'less to polish, no haze left on dark colours',
    false,
    [1500, 3000, 5000, 'cut', 'polish'],
  ),
  hand: colour(
    'hand',
    'blocks 800 to 5000, cut and two polishes',
    'levels the texture; straight in a raking light',
    true,
    [800, 1000, 1500, 2000, 3000, 5000, ...polishes],
  ),
  'hand-coarse': colour(
    'hand-coarse',
    'blocks 600 to 5000, cut and two polishes',
    'for thick clears only: takes 17 µm at once',
    true,
    [600, 800, 1000, 1500, 2000, 3000, 5000, ...polishes],
  ),
} as const;

/** Key of one of the trade's ladders. */
export type StandardLadder = keyof typeof ladders;
/** Key of a ladder, the trade's or the shop's own. */
export type LadderKey = string;

/** @returns the trade's ladder of that key, or undefined */
export const standardLadder = (key: LadderKey): Ladder | undefined =>
  Object.hasOwn(ladders, key) ? ladders[key as StandardLadder] : undefined;

/** The trade's ladders with a shop's own in place of them or beside them. */
export function laddersWith(own: readonly Ladder[]): Ladder[] {
  const changed = new Map(own.map((one) => [one.key, one]));
  const standard = Object.values<Ladder>(ladders).map((one) => changed.get(one.key) ?? one);
  return [...standard, ...own.filter((one) => !Object.hasOwn(ladders, one.key))];
}

/** The trade's ladders with what their grits take at a place; what a shop wrote down of its own stands. */
export function laddersAt(own: readonly Ladder[], takesUm: GritTakes): Ladder[] {
  const changed = new Set(own.map((one) => one.key));
  return laddersWith(own).map((one) =>
    changed.has(one.key)
      ? one
      : { ...one, steps: one.steps.map(({ grit }) => ({ grit, removalUm: takesUm(grit) })) },
  );
}

const work = (
  key: string,
  name: string,
  why: string,
  use: LadderUse,
  hand: boolean,
  grits: number[],
  removalUm: number,
): Ladder => ({
  key,
  name,
  why,
  use,
  hand,
  steps: grits.map((grit) => ({ grit, removalUm })),
});

/** Ladders of the work beneath the colour: what each is for, and the grits it goes through. Removal per step, µm. */
export const workLadders: readonly Ladder[] = [
  work(
    'strip-steel',
    'strip steel and laminate',
    'coarse first, scratches go under epoxy',
    'strip',
    false,
    [40, 80, 120, 180],
    0,
  ),
  work(
    'strip-aluminium',
    'strip aluminium',
    'nothing coarser than 80 on soft skins',
    'strip',
    false,
    [80, 120, 180],
    0,
  ),
  work(
    'filler',
    'filler',
    'cut the bulk with 40, finish what primer can hide',
    'filler',
    true,
    [40, 80, 150],
    0,
  ),
  work(
    'block-on',
    'block on to 500',
    'block on to 400 and 500: no machine touches the shape',
    'block',
    true,
    [180, 240, 320, 400, 500],
    4,
  ),
  work(
    'stop-220',
    'stop at 220, refine by machine',
    'half the block hours; soft interface, flats only',
    'block',
    false,
    [180, 220, 320, 400, 500],
    4,
  ),
  work(
    'between-sessions',
    'between clear sessions',
    'opens the film for the next session',
    'between',
    true,
    [600, 800],
    2,
  ),
  work(
    'between-roller',
    'between roller coats',
    'takes the nibs and keys the coat',
    'between',
    true,
    [220],
    6,
  ),
];

const handMin = ['sand.hand-first', 'sand.hand-next'] as const;
const discMin = ['sand.disc-first', 'sand.disc-next'] as const;
const padMin = ['polish.first', 'polish.second', 'polish.third'] as const;

/**
 * Person-minutes per m² of each step: the first grit levels, each next one only takes out scratches; then cut, medium, fine.
 * A single pad takes what the last of three does.
 */
export function ladderMinutes(
  { steps, hand }: Pick<Ladder, 'steps' | 'hand'>,
  figures: Figures = usualFigures,
  at: FigurePlace = {},
): number[] {
  let sanded = 0;
  let polished = 0;
  const pads = steps.filter((step) => typeof step.grit !== 'number').length;
  return steps.map((step) => {
    if (typeof step.grit === 'number') {
      const [first, next] = hand ? handMin : discMin;
      sanded += 1;
      return figures(sanded === 1 ? first : next, at);
    }
    polished += 1;
    return figures(pads === 1 ? 'polish.third' : padMin[Math.min(polished, padMin.length) - 1]!, at);
  });
}

/** Discs or quarter sheets per m² of one step; structured discs 0.25–0.4 at 1500 and 0.1–0.15 at 3000. */
export function ladderSheets({ steps, hand }: Pick<Ladder, 'steps' | 'hand'>): number[] {
  return steps.map(({ grit }) => {
    if (typeof grit !== 'number') return 0;
    if (hand) return grit >= 1500 ? 0.15 : 0.25;
    return grit >= 3000 ? 0.125 : grit >= 1500 ? 0.325 : 0.5;
  });
}
