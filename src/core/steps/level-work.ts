import { ladderMinutes, levelStandards, type Ladder, type Level } from '../film';
import type { JobSection } from '../record';
import type { Operation } from './operation';
import type { SectionSituation } from './situation';
import { ladderOf } from './stack';
import { clogging } from './strip-methods';

const minutesOf = (ladder: Ladder, sanding: boolean): number =>
  ladderMinutes(ladder)
    .filter((_, i) => (typeof ladder.steps[i]!.grit === 'number') === sanding)
    .reduce((sum, minutes) => sum + minutes, 0);

/** Person-minutes per m² of all grits of a ladder. */
export const sandingRate = (ladder: Ladder): number => minutesOf(ladder, true);

/** Person-minutes per m² of its cut and polishes. */
export const polishingRate = (ladder: Ladder): number => minutesOf(ladder, false);

/** Fairing rounds of a hull by level, and the share of it that takes compound in each. */
export const hullFairing = { Keep: 0, Work: 0, Road: 1, Show: 3, Mirror: 3 } as const;
const fairedShare = 0.15;
const fairBlockRate = 60;
/** Lower panels that take texture, share of a section. */
const lowerShare = 0.15;

/** The levels' blocking minutes hold for the school the level calls for; the other one is quicker or slower by this. */
const stopQuicker = 0.6;
const stiffSlower = 1.15;

function blockRate(level: Level, { schools }: SectionSituation): number {
  const high = level === 'Show' || level === 'Mirror';
  const stops = schools['block-finish'] === 'stop-220';
  const stiff = schools.blocks === 'stiff';
  const byFinish = level === 'Work' ? (stops ? 1 : 1 / stopQuicker) : stops ? stopQuicker : 1;
  const byBlocks = high ? (stiff ? 1 : 1 / stiffSlower) : stiff ? stiffSlower : 1;
  return levelStandards[level].blockMinPerM2 * byFinish * byBlocks;
}

/** Rate of an operation on a section where a rule or the level sets it; null where the catalogue's or the shop's stands. */
export function ruledRate(
  operation: Operation,
  section: JobSection,
  situation: SectionSituation,
): number | null {
  switch (operation.rateBy) {
    case 'block':
      return blockRate(section.level, situation);
    case 'block-fairing':
      return fairBlockRate;
    case 'sanding':
      return sandingRate(ladderOf(section));
    case 'polishing':
      return polishingRate(ladderOf(section));
    case null:
      return null;
  }
}

/** Share of the section that is worked, or the factor for what its old film does to the abrasive. */
export function ruledShare(operation: Operation, section: JobSection): number {
  switch (operation.shareBy) {
    case 'filled':
      return levelStandards[section.level].filledShare;
    case 'faired':
      return fairedShare;
    case 'clogging':
      return clogging(section.oldFinish);
    case 'edges':
      return lowerShare;
    case null:
      return 1;
  }
}
