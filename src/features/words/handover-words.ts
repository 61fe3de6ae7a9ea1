import type { CareItem, CarePlain, OpenEnd, PromptWhy } from '@/core/handover';
import type { KeptPlace, MoneyDepth, PhotoTag, ProvenanceKind } from '@/core/record';
import { counted } from './counted';
import { date, fullDate, micrometres } from './format';
import { phaseName } from './phase-names';
import { repairWords } from './repair-words';
import { markWords } from './survey-words';

export const keptPlaceNames: Record<KeptPlace, string> = {
  garage: 'in a garage',
  roof: 'under a roof, open at the sides',
  open: 'in the open',
  coast: 'in the open, near the sea',
  hangar: 'in a hangar',
  afloat: 'afloat',
};

export const moneyDepthNames: Record<MoneyDepth, string> = {
  none: 'nothing',
  sums: 'sums alone',
  phases: 'hours by stretch of the work',
  lines: 'hours, and every change that was agreed',
};

export const photoTagNames: Record<PhotoTag, string> = {
  before: 'as it came',
  found: 'damage found',
  hidden: 'hidden before it is covered',
  number: 'number or stamp',
  repair: 'repair',
  work: 'at work',
  finished: 'finished',
};

/** Why a picture is worth taking. */
export const promptWords: Record<PromptWhy, string> = {
  bare: 'what came to light under the old paint',
  'before-cover': 'nobody sees it again once it is covered',
  'first-coat': 'the first coat of the colour',
  approval: 'what was looked at, in its light',
  finished: 'as it leaves',
  found: 'the damage that was found',
};

export const provenanceNames: Record<ProvenanceKind, string> = {
  number: 'number',
  stamp: 'stamp',
  original: 'original part',
  replaced: 'replaced part',
  reference: 'reference',
};

/** Keys of panels in a sentence: a few, then how many more. */
export const panelsText = (keys: readonly string[], most = 12): string =>
  keys.length <= most ? keys.join(', ') : `${keys.slice(0, most).join(', ')} and ${keys.length - most} more`;

/** What is still open, in a line. */
export function openEndText(end: OpenEnd): string {
  switch (end.code) {
    case 'steps':
      return `${phaseName(end.phase)}: ${counted(end.count, 'step')} not done, on ${panelsText(end.panels, 6)}`;
    case 'mark':
      return `${end.part}: ${markWords[end.kind]}, ${end.sizeMm} mm, not mended`;
    case 'repair':
      return `${end.part}${end.spot === '' ? '' : `, ${end.spot}`}: ${repairWords[end.kind].toLowerCase()}, not mended`;
    case 'hold':
      return `Hold not released: ${end.name}, ${end.subject}`;
    case 'cover':
      return `Not counted off: ${end.name}, on ${end.on.join(', ')}`;
    case 'gate':
      return `Not ticked: ${end.what}`;
    case 'fitting':
      return `Not refitted: ${end.name}, ${end.part}${end.tag === '' ? '' : `, tag ${end.tag}`}`;
    case 'hole':
      return `${end.part}: hole of ${end.diameterMm} mm not dealt with`;
    case 'away':
      return `Not back: ${end.what}${end.dueOn === null ? '' : `, due ${date(end.dueOn)}`}`;
    case 'sample':
      return `No sample accepted of ${end.colour}`;
    case 'decision':
      return `The owner has not decided: ${end.what}`;
    case 'film':
      return `${end.part}: ${micrometres(end.belowUm)} below the stop line. Nobody sands or polishes there any more.`;
    case 'unread':
      return `Film not read on ${panelsText(end.parts)}`;
  }
}

const carePlain: Record<CarePlain, string> = {
  'wipe-at-once':
    'Bird droppings, fuel, brake fluid, tree sap and insects: rinse them off the same day, with much water, without rubbing.',
  'never-brushes': 'Never an automatic wash with brushes, never a pressure washer nearer than half a metre.',
  'never-household': 'Never washing-up liquid, scouring cream, spirit or polish with silicone.',
  'never-dry-wipe': 'Never wipe dust off dry: it scratches. Rinse, then two buckets and a soft mitt.',
  'read-before-polish':
    'Nobody polishes by machine before he has read the film of the panel and the stop line in this file.',
  'kept-paint': 'Old paint that was kept: by hand with wax alone; its edges and its cracks are not polished.',
  leaf: 'Leaf: water and a soft cloth. Never polish, never solvent.',
  'garage-air': 'Aired, above freezing and away from heaters; not under a cover that keeps damp in.',
  'roof-sun': 'Not in full sun for long during the first month; no cover on hot paint.',
  'open-wash': 'Wash by hand every two weeks, wax every three months.',
  'coast-rinse': 'Rinse with fresh water every week: salt goes under every chip. Touch chips in within days.',
  hangar: 'Keep it dry and its drains open; wipe oil off the belly after each flight.',
  afloat: 'Fenders and covers that move are lined with cloth; the waterline is wiped every month.',
  antifouling:
    'Antifouling is a biocide: it is never sanded dry, and washed off only where the water is kept.',
  transparencies: 'No solvent, wax or paper on windows and canopy; water and a cloth of their own.',
};

/** A line of the care sheet. */
export function careText(item: CareItem): string {
  switch (item.code) {
    case 'cures-until':
      return `The paint goes on hardening until ${fullDate(item.day)}.`;
    case 'no-wash-until':
      return `First wash on ${date(item.day)} at the earliest: cold water, by hand.`;
    case 'hand-wash-until':
      return `By hand alone until ${fullDate(item.day)}.`;
    case 'no-wax-until':
      return `No wax, sealant or coating before ${fullDate(item.day)}: solvent has to leave.`;
    case 'no-cover-until':
      return `No cover, film or sticker on it before ${date(item.day)}.`;
    case 'launch-from':
      return `Into the water on ${date(item.day)} at the earliest.`;
    case 'launch-by':
      return `Into the water by ${fullDate(item.day)}, or the antifouling is abraded and coated again.`;
    default:
      return carePlain[item.code];
  }
}
