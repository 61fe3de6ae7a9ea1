import { clearLeft, type RepairCard } from '../film';
import { baseOf } from '../record';
import type { StepDraft } from './draft';
import { repairsOf, type RepairPlace } from './repair-place';
import type { SectionWork } from './section-work';

const spotOf = ({ repair }: RepairPlace): string => `${repair.part}\n${repair.spot.trim().toLowerCase()}`;
const takenUm = ({ works }: RepairCard): number => works.reduce((sum, one) => sum + one.takesUm, 0);

/**
 * Says where mending one spot again and again leaves less film than must stay: each attempt takes what its card says, a new
 * coat begins the count anew.
 */
export function warnOfSpots(draft: StepDraft, works: readonly SectionWork[]): void {
  const spots = new Map<string, RepairPlace[]>();
  for (const place of repairsOf(draft, works))
    spots.set(spotOf(place), [...(spots.get(spotOf(place)) ?? []), place]);
  for (const all of spots.values()) {
    const coated = all.findLastIndex(({ card }) => card.coats !== 'none');
    const since = all.slice(coated + 1);
    const [first] = since;
    if (!first) continue;
    const film = filmAtSpot(draft, first.works[0]!);
    if (film === null) continue;
    const leftUm = film.leftUm - since.reduce((sum, { card }) => sum + takenUm(card), 0);
    if (leftUm >= film.stopUm) continue;
    draft.warn({
      code: 'spot-thin',
      part: first.repair.part,
      spot: first.repair.spot,
      attempts: since.length,
      leftUm,
      stopUm: film.stopUm,
    });
  }
}

/** What the plan leaves of the topmost clear on flats, and what must stay; null where no clear is laid. */
function filmAtSpot(
  draft: StepDraft,
  { group, section }: SectionWork,
): { leftUm: number; stopUm: number } | null {
  const { clear, layers } = group.stackOf(section);
  const laid = layers.findLast((layer) => layer.role === 'clear');
  if (!clear || !laid) return null;
  return {
    leftUm: clearLeft(clear, laid.coats, laid.dryUm).flatUm,
    // A spot may be as thin as an edge.
    stopUm: draft.figures('clear.edge-residual', { section: baseOf(section.key) }),
  };
}
