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

/** A phase in words; one that nobody knows any more keeps its key. */
export const phaseName = (phase: string): string =>
  (phaseNames as Readonly<Record<string, string>>)[phase] ?? phase;
