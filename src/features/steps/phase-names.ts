import type { PlannedStep } from '@/core/plan';

/** Headings of the phases. */
export const phaseNames: Record<PlannedStep['phase'], string> = {
  walkaround: 'Moves and tests',
  strip: 'Strip',
  metal: 'Metal',
  epoxy: 'Epoxy',
  filler: 'Filler',
  build: 'Build and block',
  mask: 'Mask and prepare',
  colour: 'Colour',
  clear: 'Clear',
  finish: 'Colour sand and polish',
  refit: 'Refit',
  return: 'Second look',
};
