import type { Family } from './family';

export interface RepairCard {
  title: string;
  steps: string[];
  /** How far the damage goes in this kind of paint. */
  reach: 'spot' | 'panel' | 'whole';
}

/** A run or sag in the top film; the limit is the film that is left. */
export const runCard: RepairCard = {
  title: 'Run or sag',
  steps: [
    'Leave it until the film is hard enough to sand; check what stands on both sides of it.',
    'Fill over the run with fine two-part putty as a guide.',
    '400 on a stick, on the putty only, until the putty is gone.',
    '1000, then 1500 by block; then the ladder of the panel.',
    'Stop where the reading falls to the floor of the film: then it is a panel to be cleared again.',
  ],
  reach: 'spot',
};

/** What a burn-through means by what lies under the compound. */
const burnThrough: readonly { families: readonly Family[]; card: RepairCard }[] = [
  {
    families: ['single-stage', 'two-part-marine'],
    card: {
      title: 'Scorched or rubbed through, single stage',
      steps: [
        'Colour still there: buff again, cooler and damper.',
        'Through to primer, solid colour: touch in or blend, rub level when cured.',
        'Through to primer, metallic or pearl: the panel.',
      ],
      reach: 'panel',
    },
  },
  {
    families: ['clear'],
    card: {
      title: 'Through the clear over a base',
      steps: [
        'Stop at once; no compound heals it.',
        'Solid base: blend to a break line, or clear the whole panel again.',
        'Effect base: the panel, colour and clear, from the same batch.',
      ],
      reach: 'panel',
    },
  },
  {
    families: ['candy', 'flake'],
    card: {
      title: 'Through into candy or flake',
      steps: [
        'Candy deepens with every coat: a spot shows whatever is done.',
        'The side, or all of it, again from the ground coat.',
      ],
      reach: 'whole',
    },
  },
  {
    families: ['one-part', 'gelcoat', 'antifouling', 'barrier'],
    card: {
      title: 'Rubbed through, brush and roller',
      steps: ['Prime the spot, sand level with 220, lay the last coat to the next seam or tape line.'],
      reach: 'spot',
    },
  },
];

/** The burn-through card of a stack, by the most delicate family in it. */
export function burnThroughCard(families: readonly Family[]): RepairCard | null {
  const order: readonly Family[] = [
    'candy',
    'flake',
    'clear',
    'single-stage',
    'two-part-marine',
    'one-part',
    'gelcoat',
    'barrier',
    'antifouling',
  ];
  const worst = order.find((one) => families.includes(one));
  return burnThrough.find((one) => worst !== undefined && one.families.includes(worst))?.card ?? null;
}
