/** Words of the other trades, apart from their records, so that a concept can take them. */

/** Others who work on the same vehicle. */
export const trades = [
  'chassis',
  'drivetrain',
  'electrics',
  'glass',
  'interior',
  'upholstery',
  'rigging',
  'other',
] as const;
export type Trade = (typeof trades)[number];

/** Stretches of the work that other people's days are tied to; the words of the steps' phases. */
export const tiedPhases = [
  'strip',
  'metal',
  'epoxy',
  'filler',
  'build',
  'mask',
  'colour',
  'clear',
  'finish',
  'refit',
  'return',
] as const;
export type TiedPhase = (typeof tiedPhases)[number];

export const openingMethods = ['foam', 'back-taped', 'wrapped', 'sprayed-together'] as const;

export const harms = ['stripper', 'dust', 'overspray', 'solvent', 'compound'] as const;
export type Harm = (typeof harms)[number];
