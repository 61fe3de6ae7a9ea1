import { gritTakesAt, repairCard, type RepairCard } from '../film';
import { baseOf, type Repair } from '../record';
import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import type { SectionWork } from './section-work';

/** A repair with the panel it is on and what lies there. */
export interface RepairPlace {
  repair: Repair;
  card: RepairCard;
  works: readonly SectionWork[];
  parts: readonly Part[];
  /** Layers around the spot, from the metal up. */
  layers: number;
}

/** The repairs of a job with their cards; those on a panel that has no work left are not among them. */
export function repairsOf(draft: StepDraft, works: readonly SectionWork[]): RepairPlace[] {
  return [...draft.context.job.repairs]
    .sort((a, b) => a.onDate.localeCompare(b.onDate) || a.id.localeCompare(b.id))
    .flatMap((repair) => {
      const on = (work: SectionWork) =>
        work.group.partsOf(work.section).filter(({ key }) => key === repair.part);
      const own = works.filter((work) => on(work).length > 0);
      const [first] = own;
      if (!first) {
        draft.warn({ code: 'repair-idle', part: repair.part, kind: repair.kind, why: 'panel' });
        return [];
      }
      const laid = first.group.stackOf(first.section).layers.filter((layer) => layer.coats > 0);
      const card = repairCard(
        repair.kind,
        laid.map(({ product }) => product.coating!.family),
        gritTakesAt(draft.figures, { section: baseOf(first.section.key) }),
      );
      if (card.coats !== 'none' && laid.length === 0) {
        draft.warn({ code: 'repair-idle', part: repair.part, kind: repair.kind, why: 'film' });
        return [];
      }
      return [{ repair, card, works: own, parts: own.flatMap(on), layers: laid.length }];
    });
}
