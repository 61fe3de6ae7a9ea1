import type { Family } from './family';
import { gritTakesUm, type GritTakes } from './grit-takes';
import type { LadderStep } from './ladder';

/** What is found on finished film, and mended before it is handed over. */
export const repairKinds = [
  'run',
  'sag',
  'nib',
  'insect',
  'scratch',
  'dry-spray',
  'fish-eye',
  'solvent-pop',
  'burn-through',
  'tape-bleed',
  'lifting',
  'stain',
] as const;
export type RepairKind = (typeof repairKinds)[number];

/** One sub-step of a repair. */
export interface RepairWork {
  /** Operation of the catalogue that it is done by. */
  operation:
    'mend-by-hand' | 'mend-putty' | 'mend-grit' | 'mend-pad' | 'mend-mask' | 'mend-prime' | 'mend-coat';
  /** Its word in the key of the step. */
  word: string;
  name: string;
  /** Person-minutes at the spot. */
  minutes: number;
  /** Person-minutes for each m² of the panel. */
  perM2: number;
  /** Further minutes for each layer that steps up around the spot. */
  perLayer: number;
  /** Film it takes off the spot, µm. */
  takesUm: number;
}

export interface RepairCard {
  kind: RepairKind;
  title: string;
  /** How far it goes. */
  reach: 'spot' | 'panel' | 'whole';
  /** What is laid again: nothing, clear alone, or colour and what lies over it. */
  coats: 'none' | 'clear' | 'colour';
  works: RepairWork[];
  /** When to stop, or what to beware of. */
  stop: string;
}

const by = (
  operation: RepairWork['operation'],
  word: string,
  name: string,
  minutes: number,
  more: Partial<Pick<RepairWork, 'perM2' | 'perLayer' | 'takesUm'>> = {},
): RepairWork => ({ operation, word, name, minutes, perM2: 0, perLayer: 0, takesUm: 0, ...more });

const grit = (value: LadderStep['grit'] & number, minutes: number): RepairWork =>
  by('mend-grit', `p${value}`, `P${value} by block on the spot`, minutes, { takesUm: gritTakesUm(value) });
const pad = (minutes: number): RepairWork =>
  by('mend-pad', 'pad', 'Cut and polish the spot', minutes, {
    takesUm: gritTakesUm('cut') + gritTakesUm('polish'),
  });
const flat = (value: LadderStep['grit'] & number, perM2: number): RepairWork =>
  by('mend-grit', `p${value}`, `P${value} over the panel`, 0, { perM2, takesUm: gritTakesUm(value) });
const mask = by('mend-mask', 'mask', 'Mask what lies beside the panel', 15, { perM2: 4 });
const coat = (name: string) => by('mend-coat', 'coat', name, 35);

/** Above this wide, a run or a sag takes its time again for each such width, mm. */
export const repairSpotMm = 60;

const run = (kind: 'run' | 'sag', title: string, putty: number, stick: number): RepairCard => ({
  kind,
  title,
  reach: 'spot',
  coats: 'none',
  works: [
    by('mend-putty', 'putty', 'Fill over the run with fine two-part putty as a guide', putty),
    by('mend-by-hand', 'stick', '400 on a stick, on the putty only, until the putty is gone', stick),
    grit(1000, 8),
    grit(1500, 6),
    pad(8),
  ],
  stop: 'stop where the reading falls to the floor of the film: then it is a panel to be cleared again',
});

const again = (
  kind: RepairKind,
  title: string,
  first: RepairWork,
  rest: RepairWork[],
  stop: string,
): RepairCard => ({
  kind,
  title,
  reach: 'panel',
  coats: 'clear',
  works: [first, ...rest, mask, coat('Clear the panel again')],
  stop,
});

const inColour = (kind: RepairKind, title: string, works: RepairWork[], stop: string): RepairCard => ({
  kind,
  title,
  reach: 'panel',
  coats: 'colour',
  works: [...works, mask, coat('Colour and clear on the panel again')],
  stop,
});

const cards: Record<RepairKind, RepairCard> = {
  run: run('run', 'Run', 10, 15),
  sag: run('sag', 'Sag', 20, 30),
  nib: {
    kind: 'nib',
    title: 'Nib',
    reach: 'spot',
    coats: 'none',
    works: [grit(1500, 3), grit(2000, 2), pad(4)],
    stop: 'a nib that goes through the clear is a burn-through',
  },
  insect: {
    kind: 'insect',
    title: 'Insect',
    reach: 'spot',
    coats: 'none',
    works: [
      by('mend-by-hand', 'lift', 'Lift it out with a needle, wipe', 5),
      grit(1200, 5),
      grit(1500, 4),
      grit(2000, 3),
      pad(5),
    ],
    stop: 'legs in the colour coat stay visible: then it is the panel',
  },
  scratch: {
    kind: 'scratch',
    title: 'Scratch',
    reach: 'spot',
    coats: 'none',
    works: [grit(1200, 5), grit(1500, 4), grit(2000, 3), pad(5)],
    stop: 'what a nail catches in is deeper than the film bears: touch in, or the panel',
  },
  'dry-spray': {
    kind: 'dry-spray',
    title: 'Dry spray',
    reach: 'panel',
    coats: 'none',
    works: [
      flat(1500, 12),
      flat(2000, 8),
      by('mend-pad', 'pad', 'Cut and polish the panel', 0, {
        perM2: 18,
        takesUm: gritTakesUm('cut') + gritTakesUm('polish'),
      }),
    ],
    stop: 'dry spray in an effect colour is not sanded: colour and clear again',
  },
  'fish-eye': again(
    'fish-eye',
    'Fish-eye',
    by('mend-by-hand', 'wash', 'Wash silicone out of the craters, change cloths', 15),
    [flat(600, 12)],
    'find the silicone first, or it comes again',
  ),
  'solvent-pop': again(
    'solvent-pop',
    'Solvent pop',
    by('mend-by-hand', 'open', 'Open every pinhole under the glass', 20),
    [flat(600, 14)],
    'what is not sanded out opens again under the new clear',
  ),
  'burn-through': inColour(
    'burn-through',
    'Burn-through',
    [by('mend-by-hand', 'feather', 'Feather the edge of each layer', 20, { perLayer: 10 }), flat(800, 10)],
    'stop at once; no compound heals it',
  ),
  'tape-bleed': {
    kind: 'tape-bleed',
    title: 'Tape bleed',
    reach: 'spot',
    coats: 'none',
    works: [
      by('mend-by-hand', 'cut', 'Cut the line again, take off what bled with 1500 along it', 15),
      by('mend-mask', 'tape', 'Tape the line again, press the edge down', 12),
      by('mend-by-hand', 'touch', 'Touch the colour in along the tape, pull it wet', 20),
    ],
    stop: 'under a clear that is on already it is the panel',
  },
  lifting: inColour(
    'lifting',
    'Lifting',
    [
      by('mend-by-hand', 'off', 'Take off what has lifted, to a sound edge', 30),
      by('mend-by-hand', 'feather', 'Feather the edge of each layer', 15, { perLayer: 10 }),
      by('mend-prime', 'prime', 'Prime the spot', 25),
      by('mend-by-hand', 'block', 'Block the spot flat, 400 to 500', 30),
      flat(800, 10),
    ],
    'find out what lifted it: an old film that swells does it again',
  ),
  stain: inColour(
    'stain',
    'Stain',
    [flat(800, 10), by('mend-prime', 'bar', 'Barrier coat over the stain', 25)],
    'colour alone never hides what bleeds',
  ),
};

/** Films that must not be sanded and coated in a spot, or on one panel of a side. */
const wholeSide: readonly Family[] = ['candy', 'flake'];
const byHand: readonly Family[] = ['one-part', 'gelcoat', 'antifouling', 'barrier'];

/**
 * The card of a repair in a stack of these families: candy and flake are done again over the whole side, brush and roller
 * films in the spot up to the next seam, single stage in colour alone.
 */
export function repairCard(
  kind: RepairKind,
  families: readonly Family[],
  takesUm: GritTakes = gritTakesUm,
): RepairCard {
  const card = { ...cards[kind], works: cards[kind].works.map((work) => taking(work, takesUm)) };
  if (card.coats === 'none') return card;
  if (families.some((one) => wholeSide.includes(one)))
    return {
      ...card,
      reach: 'whole',
      coats: 'colour',
      stop: 'each coat deepens it: a spot or a panel shows whatever is done',
    };
  if (!families.includes('clear') && families.some((one) => byHand.includes(one)))
    return {
      ...card,
      reach: 'spot',
      coats: 'colour',
      stop: 'lay the last coat to the next seam or tape line',
    };
  return families.includes('clear') ? card : { ...card, coats: 'colour' };
}

/** A piece of work with what its grit or its pads take. */
function taking(work: RepairWork, takesUm: GritTakes): RepairWork {
  const value = /^p(\d+)$/.exec(work.word)?.[1];
  if (work.operation === 'mend-grit' && value !== undefined)
    return { ...work, takesUm: takesUm(Number(value)) };
  return work.operation === 'mend-pad' ? { ...work, takesUm: takesUm('cut') + takesUm('polish') } : work;
}

/** All cards, for whoever looks one up. @param takesUm what grits and pads take there */
export const repairCards = (families: readonly Family[], takesUm?: GritTakes): RepairCard[] =>
  repairKinds.map((kind) => repairCard(kind, families, takesUm));
