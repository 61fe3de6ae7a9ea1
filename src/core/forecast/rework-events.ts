import type { Step } from '../steps';

/** Something that goes wrong now and then, where the trade mends it. */
export interface ReworkEvent {
  code: 'dirt' | 'run' | 'burn-through' | 'mismatch' | 'more-layers' | 'another-round' | 'hidden-rust';
  /** Operations at which it shows and is put right. */
  operations: readonly string[];
  /** Chance each time such a step is done, 0..1. */
  chance: number;
  /** Further work as a share of the step's own minutes, least and most. */
  share: readonly [number, number];
  /** Further person-minutes beside that, least and most. */
  minutes: readonly [number, number];
  /** What was mended stands so long before the next step, minutes of the clock. */
  waitMin: number;
  why: string;
}

const none = [0, 0] as const;
const sanding = ['colour-sand', 'disc-sand', 'nib', 'sand-between'];
const polishing = ['colour-sand', 'disc-sand', 'polish'];
const stripping = [
  'strip-chemical',
  'strip-disc',
  'strip-solvent',
  'strip-blast',
  'sand-stable',
  'sand-clear-off',
];

/**
 * How often work is done again, until a shop knows better. Our own working figures (decision 16), on the careful side of
 * a shop that keeps its booth clean; times of mending are those of the catalogue's own steps for it.
 */
export const reworkEvents: readonly ReworkEvent[] = [
  {
    code: 'dirt',
    operations: sanding,
    chance: 0.3,
    share: [0.1, 0.3],
    minutes: none,
    waitMin: 0,
    why: 'dust and flies in the last coat are taken out one by one',
  },
  {
    code: 'run',
    operations: sanding,
    chance: 0.12,
    share: none,
    minutes: [45, 120],
    waitMin: 0,
    why: 'a run is puttied, cut level and worked up through the grits',
  },
  {
    code: 'burn-through',
    operations: polishing,
    chance: 0.06,
    share: none,
    minutes: [120, 240],
    waitMin: 1440,
    why: 'an edge rubbed through is coloured and cleared again, and has to cure',
  },
  {
    code: 'mismatch',
    operations: ['spray-colour', 'spray-cross'],
    chance: 0.02,
    share: [0.8, 1.2],
    minutes: [30, 90],
    waitMin: 0,
    why: 'the colour is seen to be off beside its neighbour; it is tinted and laid again',
  },
  {
    code: 'more-layers',
    operations: stripping,
    chance: 0.15,
    share: [0.2, 0.6],
    minutes: none,
    waitMin: 0,
    why: 'there is more old film than the gauge read, or filler under it',
  },
  {
    code: 'another-round',
    operations: ['block', 'block-filler', 'block-filler-wet', 'block-fairing'],
    chance: 0.15,
    share: [0.4, 0.8],
    minutes: none,
    waitMin: 0,
    why: 'the light still shows a low; one more skim, dried and blocked',
  },
];

/** For jobs of unknown year, which hold no allowance by age: damage found at the metal. */
export const hiddenRust: ReworkEvent = {
  code: 'hidden-rust',
  operations: ['metalwork'],
  chance: 0.25,
  share: [0.3, 1],
  minutes: none,
  waitMin: 0,
  why: 'rust or an old repair shows when the metal is bare',
};

/** What may happen at a step. What goes through several grits has its chance once, spread over them. */
export const eventsOf = (step: Pick<Step, 'operation' | 'grit'>, knowsYear: boolean): ReworkEvent[] =>
  [...reworkEvents, ...(knowsYear ? [] : [hiddenRust])]
    .filter((event) => event.operations.includes(step.operation))
    .map((event) => (step.grit === null ? event : spread(event, step.grit.of)));

const spread = (event: ReworkEvent, steps: number): ReworkEvent => ({
  ...event,
  chance: event.chance / steps,
  // A share of the minutes of all of them.
  share: [event.share[0] * steps, event.share[1] * steps],
});
