import type { FigureEntry, FigureScope } from './figure-entry';

/* Entries of the register that have all but their words and figures in common. */

export const everywhere = [
  'shop',
  'product',
  'job',
  'section',
  'panel',
] as const satisfies readonly FigureScope[];
export const downToSection = ['shop', 'job', 'section'] as const satisfies readonly FigureScope[];
export const byProduct = ['shop', 'product', 'job'] as const satisfies readonly FigureScope[];
export const byJob = ['shop', 'job'] as const satisfies readonly FigureScope[];

/** What most defaults come from. */
export const usualSource = 'trade practice, a working default';

export const transfer = (words: string, usual: number): FigureEntry => ({
  group: 'Transfer efficiency',
  words,
  unit: 'share',
  usual,
  least: 0.1,
  most: 1,
  source: usualSource,
  moves: ['litres'],
  scopes: everywhere,
});
export const clear = (
  words: string,
  unit: FigureEntry['unit'],
  usual: number,
  [least, most]: readonly [number, number],
  scopes: readonly FigureScope[] = byJob,
): FigureEntry => ({
  group: 'Clear over colour',
  words,
  unit,
  usual,
  least,
  most,
  source: 'what keeps out the light, and what edges lose',
  moves: ['coats', 'film limits'],
  scopes,
});
const ofProduct =
  (group: string, moves: FigureEntry['moves']) =>
  (
    words: string,
    unit: FigureEntry['unit'],
    usual: number,
    [least, most]: readonly [number, number],
  ): FigureEntry => ({
    group,
    words,
    unit,
    usual,
    least,
    most,
    source: usualSource,
    moves,
    scopes: byProduct,
  });
export const mix = ofProduct('Mixing', ['mix']);
/** Of the hand that moves the gun: each painter has one's own. */
export const gun = (...given: Parameters<typeof ofGun>): FigureEntry => ({
  ...ofGun(...given),
  scopes: ['shop', 'product', 'painter', 'job'],
});
const ofGun = ofProduct('Gun', ['gun time']);
export const session = (
  words: string,
  usual: number,
  most: number,
  moves: FigureEntry['moves'],
): FigureEntry => ({
  group: 'Booth session',
  words,
  unit: 'min',
  // The calendar knows whole minutes.
  whole: true,
  usual,
  least: 0,
  most,
  source: 'our own working step, the sheet comes first',
  moves,
  scopes: byJob,
});
export const bare = (metal: string, usual: number): FigureEntry => ({
  group: 'Bare metal',
  words: `${metal} stands bare in dry air`,
  unit: 'min',
  // The calendar knows whole minutes.
  whole: true,
  usual,
  least: 15,
  most: 10_080,
  source: 'our own working step, the treatment’s sheet comes first',
  moves: ['waits'],
  scopes: downToSection,
});
/** What one person bears in a day. */
export const strain = (words: string, usual: number): FigureEntry => ({
  group: 'People on one step',
  words,
  unit: 'min',
  usual,
  least: 15,
  most: 720,
  source: 'our own working limit; local rules and the person come first',
  moves: ['strain'],
  scopes: byJob,
});
/** Whether hard work is parted by the limits of a day: a choice, written as 0 or 1. */
export const strainKept = (words: string): FigureEntry => ({
  group: 'People on one step',
  words,
  unit: 'yes',
  usual: 0,
  least: 0,
  most: 1,
  whole: true,
  source: 'said by default: the manager decides what it may cost',
  moves: ['shared work'],
  scopes: byJob,
});
/** What work takes of a film. */
export const taken = (
  words: string,
  unit: FigureEntry['unit'],
  usual: number,
  [least, most]: readonly [number, number],
): FigureEntry => ({
  group: 'What sanding takes',
  words,
  unit,
  usual,
  least,
  most,
  source: 'the middle of the trade’s usual range; read the film before and after',
  moves: ['film taken'],
  scopes: downToSection,
});
export const gritTakes = (name: string, usual: number): FigureEntry =>
  taken(`${name} takes of cured clear`, 'µm', usual, [0, 60]);
export const damp = (words: string, usual: number): FigureEntry => ({
  group: 'Bare metal',
  words,
  unit: 'share',
  usual,
  least: 0.05,
  most: 1,
  source: 'our own working step, the treatment’s sheet comes first',
  moves: ['waits'],
  scopes: downToSection,
});
/** Filler and putty that is mixed and spread. */
export const filler = (
  words: string,
  unit: FigureEntry['unit'],
  usual: number,
  [least, most]: readonly [number, number],
  moves: FigureEntry['moves'] = ['filler batches', 'minutes'],
): FigureEntry => ({
  group: 'Filler and sealant',
  words,
  unit,
  usual,
  least,
  most,
  source: 'trade practice, a working default; the sheet comes first',
  moves,
  scopes: byJob,
});
export const share = (
  group: string,
  words: string,
  usual: number,
  moves: FigureEntry['moves'],
  most = 1,
): FigureEntry => ({
  group,
  words,
  unit: 'share',
  usual,
  least: 0,
  most,
  source: usualSource,
  moves,
  scopes: byJob,
});
export const pace = (words: string, usual: number): FigureEntry => ({
  group: 'People on one step',
  words,
  unit: 'share',
  usual,
  least: 0.3,
  most: 1,
  source: usualSource,
  moves: ['minutes'],
  scopes: byJob,
});
export const shape = (words: string, usual: number): FigureEntry => ({
  group: 'Shape',
  words,
  unit: 'factor',
  usual,
  least: 0.5,
  most: 5,
  source: usualSource,
  moves: ['minutes'],
  scopes: byJob,
});
export const refit = (words: string, usual: number): FigureEntry => ({
  group: 'Refit',
  words,
  unit: 'share',
  usual,
  least: 0.02,
  most: 1,
  source: 'share of full cure, our own working step; the sheets come first',
  moves: ['waits'],
  scopes: byJob,
});
export const grit = (words: string, usual: number, most: number): FigureEntry => ({
  group: 'Colour sanding and polishing',
  words,
  unit: 'min/m²',
  usual,
  least: 0.5,
  most,
  source: usualSource,
  moves: ['minutes'],
  scopes: downToSection,
});
