import type { Sample } from './job-lists';

/** A card of a colour that was seen and accepted. */
export const acceptedSample = (colour: string, over: Partial<Sample> = {}): Sample => ({
  id: `s.${colour}`,
  colour,
  onDate: '2026-11-20',
  shown: 'card',
  widthMm: 400,
  heightMm: 300,
  verdict: 'accepted',
  by: 'The owner',
  light: 'sun and shade',
  beside: '',
  note: '',
  ...over,
});
