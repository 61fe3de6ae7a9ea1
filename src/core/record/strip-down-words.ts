/** Words of the strip-down, apart from its records, so that a concept can take them. */

/** What becomes of a fitting: taken off, masked where it is, or as the minutes advise. */
export const fittingChoices = ['advised', 'remove', 'mask'] as const;
export const fittingNeeds = ['as-is', 'refurbish', 'buy'] as const;
export const fittingStates = ['on', 'off', 'bench', 'ready', 'refitted'] as const;

export const holeActions = ['fill', 'keep', 'reopen'] as const;

export const gateKinds = ['welded', 'sealed', 'textured', 'guards', 'dry-fit'] as const;

export const priorRepairs = ['none', 'some', 'many'] as const;
export type PriorRepair = (typeof priorRepairs)[number];
