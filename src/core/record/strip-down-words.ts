/** Words of the strip-down, apart from its records, so that a concept can take them. */

/** What becomes of a fitting: taken off, masked where it is, or as the minutes advise. */
export const fittingChoices = ['advised', 'remove', 'mask'] as const;
export const fittingNeeds = ['as-is', 'refurbish', 'buy'] as const;
export const fittingStates = ['on', 'off', 'bench', 'ready', 'refitted'] as const;

/**
 * What its place must have reached before a piece goes back on: the last compound washed off, a film that bears tape, hands,
 * clamps, adhesive or a sealed cover, full cure, or the second look.
 */
export const refitWaits = [
  'clean',
  'tape',
  'handle',
  'clamp',
  'bond',
  'gas-free',
  'full-cure',
  'second-look',
] as const;
export type RefitWait = (typeof refitWaits)[number];

export const holeActions = ['fill', 'keep', 'reopen'] as const;

export const gateKinds = [
  'welded',
  'sealed',
  'textured',
  'guards',
  'dry-fit',
  /** Not decided yet: what is done at all, and how far. */
  'scope',
  'level',
] as const;

/** The work that a gate holds: the first step of it, and what follows. */
export const gateStages = ['strip', 'metal', 'filler', 'prime', 'colour', 'clear', 'polish'] as const;
export type GateStage = (typeof gateStages)[number];

export const priorRepairs = ['none', 'some', 'many'] as const;
export type PriorRepair = (typeof priorRepairs)[number];
