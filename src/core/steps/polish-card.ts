import type { Ladder } from '../film';

/** One stage at the polisher. */
export interface PolishStage {
  name: string;
  pad: string;
  compound: string;
  rpm: { edges: number; flats: number };
  /** Pads to have on hand: one for every so many m² before it must be washed and dried. */
  pads: number;
}

/** One pad serves this much before it is washed, m²; a working default until the shop's trials say otherwise. */
const padServesM2 = 6;
/** A pad is cleaned after every panel, and at least after this much running. */
export const padCleanMin = 15;
/** What shows that a pad runs dry or full. */
export const padSigns = 'dusting, a dull trail, heat under the hand, grabbing: stop, clean, damp it';

const stages = [
  { name: 'cut', pad: 'wool or firm foam', compound: 'cutting compound', rpm: { edges: 700, flats: 1500 } },
  { name: 'polish', pad: 'medium foam', compound: 'medium polish', rpm: { edges: 800, flats: 1500 } },
  { name: 'finish', pad: 'soft foam', compound: 'fine polish', rpm: { edges: 800, flats: 1200 } },
];

/** What a pad is run with, in one line. @param word of the pass, as keys of steps have it */
export function padOf(word: string): string {
  const stage = stages[word.startsWith('cut') ? 0 : word.startsWith('fine') ? 2 : 1]!;
  return `${stage.pad}, ${stage.compound}: ${stage.rpm.edges} turns at edges, ${stage.rpm.flats} on flats`;
}

/**
 * The polisher's card of a ladder over an area: pad, compound and speed of each stage, first at the low speed on a trial
 * spot of a flat, and pads enough that none runs full (docs/method.md, Tape, tack and hands). Lacquer wants it cooler than urethane.
 */
export function polishCard(
  { steps }: Pick<Ladder, 'steps'>,
  areaM2: number,
  isLacquer: boolean,
): PolishStage[] {
  const polishing = steps.filter((step) => typeof step.grit !== 'number');
  return polishing.map((step, i) => {
    const kind = step.grit === 'cut' ? 0 : i === polishing.length - 1 && polishing.length > 1 ? 2 : 1;
    const stage = stages[kind]!;
    const rpm = isLacquer
      ? { edges: Math.min(600, stage.rpm.edges), flats: Math.min(1000, stage.rpm.flats) }
      : stage.rpm;
    return { ...stage, rpm, pads: Math.max(1, Math.ceil(areaM2 / padServesM2)) };
  });
}
