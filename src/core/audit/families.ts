import type { Family } from '../film';

/** Films that give the colour; before them comes what is approved, beneath them what is sealed. */
export const colourFamilies: ReadonlySet<Family> = new Set<Family>([
  'base',
  'effect-base',
  'waterborne-base',
  'candy',
  'flake',
  'single-stage',
]);
