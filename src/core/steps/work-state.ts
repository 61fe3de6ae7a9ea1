import type { Situation } from './situation';

/**
 * What is true of a section at a stage of the work. Rounds repeat the states of a loop; everything else is made once.
 */
export const workStates = [
  'recorded',
  'washed',
  'stripped-down',
  'protected',
  'old-off',
  'clean-bare',
  'seams-clean',
  'metal-sound',
  'gaps-set',
  'skin-released',
  'filler-ground',
  'filler-spread',
  'filler-flat',
  'filler-read',
  'glazed',
  'glaze-flat',
  'treated',
  'sealed',
  'build-ground',
  'built',
  'guide-coated',
  'build-flat',
  'build-read',
  'refined',
  'openings-masked',
  'insides-coloured',
  'openings-shut',
  'masked',
  'coloured',
  'colour-uncovered',
  'masked-for-clear',
  'clear-keyed',
  'cleared',
  'textured',
  'cured',
  'unmasked',
  'stands-shifted',
  'patched',
  'levelled',
  'polished',
  'clean',
  'fitted',
  'placarded',
  // A control surface is balanced before it is rigged, or it comes off again.
  'balanced',
  'rigged',
  'uncovered',
  'weighed',
  'handed-over',
  'settled',
  'looked-again',
] as const;
export type WorkState = (typeof workStates)[number];

/** The state that ends a section's work; the builder asks how it comes about. */
export const goal: WorkState = 'looked-again';

interface Rest {
  when?: Situation;
  on: readonly WorkState[];
}

/**
 * What a state rests on when no operation has to make it, and what an operation that makes it needs at the least. The
 * first rest whose situation holds counts; a state without an entry rests on the one before it in the list.
 */
export const rests: Partial<Record<WorkState, readonly Rest[]>> = {
  // Filler on metal is spread on scuffed metal, and the treatment and epoxy come over it.
  'filler-ground': [
    { when: { school: { filler: ['on-metal'] } }, on: ['skin-released'] },
    { when: { route: ['hull'] }, on: ['skin-released'] },
    { on: ['sealed'] },
  ],
  'filler-spread': [{ on: ['filler-ground'] }],
  treated: [
    { when: { route: ['panel'], school: { filler: ['on-metal'] } }, on: ['glaze-flat'] },
    { on: ['skin-released'] },
  ],
  // On an airframe everything is covered before the first coat, since topcoats follow inside the window of the epoxy.
  sealed: [{ when: { route: ['aircraft'] }, on: ['masked'] }, { on: ['treated'] }],
  'build-ground': [{ on: ['sealed', 'glaze-flat'] }],
  masked: [{ when: { route: ['aircraft'] }, on: ['treated'] }, { on: ['openings-shut'] }],
  coloured: [{ when: { route: ['aircraft'] }, on: ['sealed'] }, { on: ['masked'] }],
  'clear-keyed': [{ on: ['masked-for-clear'] }],
  // Tape pulled wet comes off before the film has set, in the other school once it can be handled: it need not be cured.
  cured: [{ when: { school: { tape: ['wet'] } }, on: ['unmasked'] }, { on: ['textured'] }],
  unmasked: [{ on: ['textured'] }],
  levelled: [{ on: ['cured', 'patched'] }],
  // Film settles from the last polish on, wherever the vehicle is.
  settled: [{ on: ['polished'] }],
  'looked-again': [{ on: ['settled', 'handed-over'] }],
};

/** Rounds that are repeated: the top of a round is the ground of the next. */
export interface Loop {
  key: 'filler' | 'build' | 'clears';
  /** State beneath the first round. */
  ground: WorkState;
  states: readonly WorkState[];
  top: WorkState;
}
export const loops: readonly Loop[] = [
  {
    key: 'filler',
    ground: 'filler-ground',
    states: ['filler-spread', 'filler-flat', 'filler-read'],
    top: 'filler-read',
  },
  {
    key: 'build',
    ground: 'build-ground',
    states: ['built', 'guide-coated', 'build-flat', 'build-read'],
    top: 'build-read',
  },
  { key: 'clears', ground: 'masked-for-clear', states: ['clear-keyed', 'cleared'], top: 'cleared' },
];
export type LoopKey = Loop['key'];
export const loopOf = (state: WorkState): Loop | undefined =>
  loops.find((loop) => loop.states.includes(state));
