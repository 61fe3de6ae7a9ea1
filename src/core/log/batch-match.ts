import type { LogEntry } from '../record';
import { panelCoats, type PanelCoat } from './coats-on-panels';

/** Batches a colour was laid from, by panel, for its last coat there. */
export interface ColourBatches {
  product: string;
  colour: string;
  panels: { part: string; face: string; nth: number; batch: string }[];
  /** Batches of the last coats, each once; more than one means that panels may differ. */
  batches: string[];
}

/**
 * Batch against panel: which batch the last coat of each colour came from on each panel. Two batches boxed together
 * carry a name of their own, so more than one name is a breach of the rule of one batch.
 * @param colourOf colour that a coat belongs to   @param isColour roles that must match each other
 */
export function batchesOnPanels(
  log: readonly LogEntry[],
  colourOf: (coat: PanelCoat) => string,
  isColour: (role: string) => boolean,
): ColourBatches[] {
  const lots = new Map<string, ColourBatches>();
  for (const coat of panelCoats(log)) {
    const { part, face, product, nth, batch, role } = coat;
    if (!isColour(role)) continue;
    const colour = colourOf(coat);
    const key = `${product}\n${colour}`;
    const lot = lots.get(key) ?? { product, colour, panels: [], batches: [] };
    lot.panels = [
      ...lot.panels.filter((one) => one.part !== part || one.face !== face),
      { part, face, nth, batch },
    ];
    lots.set(key, lot);
  }
  return [...lots.values()].map((lot) => ({
    ...lot,
    batches: [...new Set(lot.panels.map((one) => one.batch))],
  }));
}

/** What there is of a colour by batch, and what is still to be laid. */
export interface BoxAdvice {
  /** Batches to box together, in the order they should be used up; empty where one batch is enough. */
  together: string[];
  /** Litres that even all of them lack. */
  missingL: number;
}

/**
 * Which batches to mix before the last coats: one batch that holds everything left is taken alone, the smallest of
 * them; otherwise all are boxed together, so that no panel's last coat comes from another mix.
 * @param onHand litres by batch   @param leftL litres still to be laid
 */
export function boxAdvice(onHand: readonly { batch: string; litres: number }[], leftL: number): BoxAdvice {
  const full = onHand.filter((one) => one.litres > 1e-9).sort((a, b) => a.litres - b.litres);
  const all = full.reduce((sum, one) => sum + one.litres, 0);
  const alone = full.find((one) => one.litres >= leftL - 1e-9);
  return {
    together: leftL <= 0 || alone ? [] : full.map((one) => one.batch),
    missingL: Math.max(0, leftL - all),
  };
}

/** Batches that coats of some steps were laid from, each once, in the order they were opened. */
export const batchesOfSteps = (log: readonly LogEntry[], steps: ReadonlySet<string>): string[] => [
  ...new Set(panelCoats(log).flatMap((coat) => (steps.has(coat.step) && coat.batch ? [coat.batch] : []))),
];
