/** Words of the survey, apart from its records, so that a concept can take them. */

/** Does a rag with the thinner of the coming paint move the old film? */
export const solventTests = ['not-tested', 'holds', 'softens', 'dissolves'] as const;
export type SolventTest = (typeof solventTests)[number];

export const leadTests = ['not-tested', 'negative', 'positive'] as const;
export type LeadTest = (typeof leadTests)[number];

/** Who will see a panel once the object is together again. */
export const visibilities = ['seen', 'under-trim', 'lined', 'hidden'] as const;
export type Visibility = (typeof visibilities)[number];

/** What may lie under the top layer. */
export const underKinds = [
  'factory-primer',
  'old-filler',
  'enamel',
  'lacquer',
  'urethane',
  'base-clear',
  'one-part',
  'gelcoat',
  'primer',
  'unknown',
] as const;
export type UnderKind = (typeof underKinds)[number];

/** Ways to take an old finish off; `outside` is a blaster's or stripper's quote. */
export const stripMethods = ['chemical', 'solvent', 'disc', 'blast', 'outside'] as const;
export type StripMethodKey = (typeof stripMethods)[number];

/** What a patch of the coming paint did on the old film, some days later. */
export const patchResults = ['not-done', 'holds', 'lifts', 'wrinkles'] as const;
export type PatchResult = (typeof patchResults)[number];

export const seamStates = ['as-found', 'dug-out', 'sealed'] as const;
export type SeamState = (typeof seamStates)[number];

/** How a panel sits now: as it will stay, hung loosely in its place for the paint, or off the vehicle. */
export const fits = ['fixed', 'loose', 'off'] as const;
export type Fit = (typeof fits)[number];

/** Condition marks in the order of their digits, 1 to 8; high and low also come from guide coat in block rounds. */
export const markKinds = [
  'dent',
  'rust',
  'peel',
  'crack',
  'chip',
  'dull',
  'high',
  'low',
  'pinhole',
  'feather',
  'rub-through',
] as const;
export type MarkKind = (typeof markKinds)[number];

export const gauges = ['magnetic', 'eddy', 'ultrasonic', 'cut-edge'] as const;
export type Gauge = (typeof gauges)[number];
export const readingSources = ['typed', 'file', 'simulated'] as const;
