import type { Job } from '../record';
import type { Shelf } from '../film';
import type { Shop } from '../shop';
import { filmOf, sandedAfter } from './hand-films';
import { StepDraft } from './draft';
import type { StepLink, StepNetwork } from './step';

/** When steps are, and whether they are still to come. */
type PlacedAt = ReadonlyMap<string, { start: number; end: number; isAhead: boolean }>;

/**
 * Keeps scuffings off filler and sealant that would be soft in the same bay while they are done: they come after these,
 * once they sand or have their skin. What comes after a scuffing is left as it is; what lies before it is named in either
 * case, so that an accepted plan says the same as the one that was accepted.
 * @param scuffs keys of the scuffings   @param at where the steps are now   @returns whether anything has to be placed anew
 */
export function keepOffSoftFilms(
  context: { job: Job; shop: Shop; shelf: Shelf },
  network: StepNetwork,
  scuffs: ReadonlySet<string>,
  at: PlacedAt,
): boolean {
  if (scuffs.size === 0) return false;
  const draft = new StepDraft({ ...context, parts: [] }, network);
  const airC = draft.airC('bay');
  let isMet = false;
  for (const scuff of network.steps) {
    const own = at.get(scuff.key);
    if (!scuffs.has(scuff.key) || scuff.hold === null || !own?.isAhead) continue;
    const ties = network.steps.flatMap((step): StepLink[] => {
      const laid = step.hold === scuff.hold && step.key !== scuff.key ? at.get(step.key) : undefined;
      if (!laid || !step.sections.some((one) => scuff.sections.includes(one))) return [];
      const product = filmOf(draft.operation(step.operation), context.shelf);
      if (!product || own.end <= laid.start) return [];
      if (network.links.some(({ from, to }) => from === scuff.key && to === step.key)) return [];
      const { key, code } = sandedAfter(product);
      const why = { code, product: product.code, airC };
      return [{ from: step.key, to: scuff.key, min: draft.waits(product, key, 'bay'), max: null, why }];
    });
    const before = network.links.filter((one) => isTie(one, ties, scuff.key));
    if (before.length === ties.length) continue;
    // Whichever was met first, the same ties stand in the same order.
    network.links = [...network.links.filter((one) => !before.includes(one)), ...ties];
    isMet = true;
  }
  return isMet;
}

const isTie = ({ from, to, why }: StepLink, ties: readonly StepLink[], scuff: string): boolean =>
  to === scuff && ties.some((tie) => tie.from === from && tie.why.code === why.code);
