import type { Job } from '../record';
import type { Shelf } from '../film';
import type { Shop } from '../shop';
import { filmOf, sandedAfter } from './hand-films';
import { StepDraft } from './draft';
import type { StepNetwork } from './step';

/** When steps are, and whether they are still to come. */
type PlacedAt = ReadonlyMap<string, { start: number; end: number; isAhead: boolean }>;

/**
 * Keeps scuffings off filler and sealant that would be soft in the same bay while they are done: they come after these,
 * once they sand or have their skin. What does not meet is left as it is.
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
  let isMet = false;
  for (const scuff of network.steps) {
    const own = at.get(scuff.key);
    if (!scuffs.has(scuff.key) || scuff.hold === null || !own?.isAhead) continue;
    for (const step of network.steps) {
      const laid = step.hold === scuff.hold && step.key !== scuff.key ? at.get(step.key) : undefined;
      if (!laid || !step.sections.some((one) => scuff.sections.includes(one))) continue;
      const product = filmOf(draft.operation(step.operation), context.shelf);
      if (!product) continue;
      const { key, code } = sandedAfter(product);
      const min = draft.waits(product, key, 'bay');
      const isSoft = own.start < laid.end + min && own.end > laid.start;
      const isTied = network.links.some(({ from, to }) => from === scuff.key && to === step.key);
      if (!isSoft || isTied) continue;
      draft.link(step.key, scuff.key, { code, product: product.code, airC: draft.airC('bay') }, min);
      isMet = true;
    }
  }
  return isMet;
}
