import type { Family } from '@/core/film';

/** What shows that a film is ready, beside the clock; the sheet's own words come first. */
export const dryCues: Partial<Record<Family, string>> = {
  etch: 'turns from glossy to matt as it dries',
  epoxy: 'matt and touch-dry; a nail must not mark it before it is sanded',
  polyester: 'powders when sanded; tacky means not yet',
  build: 'powders when sanded; a loaded paper says not yet',
  sealer: 'even and matt before the colour',
  base: 'matt all over before the next coat',
  'effect-base': 'matt all over, the flake lies still',
  'waterborne-base': 'matt all over; glossy spots are wet',
  candy: 'touch-dry at the masking before the next cross coat',
  clear: 'strings no more from the masking paper when dust-free',
  'single-stage': 'strings no more from the masking paper when dust-free',
  'one-part': 'sands to powder, does not roll up under the paper',
  barrier: 'a thumb leaves a print but no paint: the next coat now',
  gelcoat: 'the last coat cures only under wax or film',
};
