import { repairSpotMm, type RepairCard, type RepairWork } from '../film';
import type { PlaceKind } from '../shop';
import type { StepDraft } from './draft';
import { shapeFactor } from './labour';
import { followersOf } from './order-by-hand';
import type { Group } from './group';
import { repairCoat } from './repair-coat';
import { repairsOf, type RepairPlace } from './repair-place';
import type { SectionWork } from './section-work';
import type { Step, StepReason } from './step';
import { stepsBefore, stepsFrom } from './top-coats';

/** Each layer that is feathered steps up over so much, mm. */
const stepMm = 15;

/**
 * Writes each repair as its sub-steps, one after another, between what was done last on its panel and the next grit, pad or
 * wash that nobody has begun there. Putty and a coat stand as their sheets say before the next sub-step.
 */
export function addRepairs(draft: StepDraft, works: readonly SectionWork[]): void {
  const earlier: { place: RepairPlace; first: string; last: string }[] = [];
  for (const place of repairsOf(draft, works)) {
    const { first, last } = addRepair(draft, place);
    // Two repairs of one body are not worked in two rooms at a time; one may come behind the other by what lies between them.
    const beside = earlier.filter(
      (other) => isOneBody(other.place, place) && (goesToBooth(other.place) || goesToBooth(place)),
    );
    for (const other of beside)
      if (!stepsFrom(followersOf(draft), first).has(other.first))
        draft.link(other.last, first, { code: 'order' });
    if (goesToBooth(place)) keepApart(draft, place, first, last);
    earlier.push({ place, first, last });
  }
}

/** A hull is coated where it stands. */
const goesToBooth = ({ card, works }: RepairPlace): boolean =>
  card.coats !== 'none' && works[0]!.situation.route !== 'hull';
const bodiesOf = ({ works }: RepairPlace): Group[] =>
  works.flatMap(({ group, paintedOn }) => [group, paintedOn]);
const isOneBody = (a: RepairPlace, b: RepairPlace): boolean =>
  bodiesOf(a).some((body) => bodiesOf(b).includes(body));

const closing: ReadonlySet<string> = new Set(['nib', 'wash-compound', 'refit', 'rig', 'handover']);
const opening: ReadonlySet<string> = new Set(['cure', 'cure-hull', 'unmask', 'unmask-wet', 'check-film']);

function addRepair(draft: StepDraft, place: RepairPlace): { first: string; last: string } {
  const { repair, card, works, parts } = place;
  const areas = new Set(works.map((work) => work.section.key));
  const own = draft.network.steps.filter((step) => step.sections.some((key) => areas.has(key)));
  const { begun } = draft;
  const finishing = own.filter(
    (step) => (step.grit !== null && step.phase === 'finish') || closing.has(step.operation),
  );
  const at = finishing.findLastIndex((step) => begun.has(step.key));
  const next = finishing.slice(at + 1).find((step) => !begun.has(step.key));
  // What leads to the next, what was done last, and of a panel with nothing left to do all that was done.
  const known = next ? stepsBefore(followersOf(draft), next.key) : new Set(own.map((step) => step.key));
  const earlier = own.filter(
    (step) =>
      step.phase !== 'return' &&
      (known.has(step.key) || step === finishing[at] || opening.has(step.operation)),
  );
  const keys = card.works.map((work) => `repair/${repair.id}/${work.word}`);
  let from = earlier.map((step) => step.key);
  let stands: Stands | null = null;
  for (const [i, work] of card.works.entries()) {
    const key = keys[i]!;
    const coat = work.operation === 'mend-coat' ? repairCoat(draft, place) : null;
    draft.work({
      key,
      operation: work.operation,
      name: `${card.title}: ${work.name}`,
      subject: repair.spot === '' ? parts[0]!.name : `${parts[0]!.name}, ${repair.spot}`,
      sections: [...areas],
      parts,
      hold: coat !== null && goesToBooth(place) ? null : (next?.hold ?? null),
      place: placeOf(place, coat !== null && goesToBooth(place), next?.hold ?? null),
      rate: 0,
      fixedMin: minutesOf(draft, work, place) + (coat?.minutes ?? 0),
      needs: coat?.needs ?? [],
      because: reasonsOf(card, work, place),
      after: [],
    });
    for (const one of from) tie(draft, one, key, stands);
    stands = standsAfter(draft, work, coat?.last ?? null);
    from = [key];
  }
  const last = keys.at(-1)!;
  if (next) tie(draft, last, next.key, stands);
  return { first: keys[0]!, last };
}

function placeOf({ works }: RepairPlace, isCoat: boolean, hold: string | null): PlaceKind | undefined {
  if (isCoat) return 'booth';
  return hold === null ? (works[0]!.group.loose ? 'bench' : 'bay') : undefined;
}

/** A film that was spread or sprayed, and the minutes it stands before it is sanded. */
interface Stands {
  product: string;
  min: number;
}

/** One after another; on film that was spread or sprayed as its sheet says. */
function tie(draft: StepDraft, from: string, to: string, stands: Stands | null): void {
  if (stands === null) return draft.link(from, to, { code: 'order' });
  const why = { code: 'sand-after', product: stands.product, airC: draft.airC('bay') } as const;
  draft.link(from, to, why, stands.min);
}

/**
 * What has to go into the booth again is worked there alone: whatever else is still to be done on the body where it is
 * finished waits until it is back.
 */
function keepApart(draft: StepDraft, place: RepairPlace, first: string, last: string): void {
  const { begun } = draft;
  const earlier = stepsBefore(followersOf(draft), first);
  const areas = new Set(
    bodiesOf(place).flatMap((body) => [...body.sections, ...body.hung].map(({ key }) => key)),
  );
  const waits = (step: Step): boolean =>
    step.phase !== 'walkaround' &&
    step.phase !== 'return' &&
    (step.place !== null || step.hold !== null) &&
    step.coat === null &&
    step.kind !== 'passive' &&
    step.operation !== 'move' &&
    !step.key.startsWith(`repair/${place.repair.id}/`) &&
    !earlier.has(step.key) &&
    !begun.has(step.key) &&
    step.sections.some((key) => areas.has(key));
  for (const step of draft.network.steps) if (waits(step)) draft.link(last, step.key, { code: 'order' });
}

/** Person-minutes of a sub-step: at the spot by its size, over the panel by its area and shape. */
function minutesOf(draft: StepDraft, work: RepairWork, { repair, card, parts, layers }: RepairPlace): number {
  const wide = card.reach === 'spot' ? Math.max(1, Math.ceil(repair.sizeMm / repairSpotMm)) : 1;
  const area = parts.reduce(
    (sum, part) => sum + part.outsideM2 * shapeFactor('surface', part.shape, draft.figures),
    0,
  );
  return Math.round(work.minutes * wide + work.perM2 * area + work.perLayer * layers);
}

function reasonsOf(card: RepairCard, work: RepairWork, { repair, layers }: RepairPlace): StepReason[] {
  const why: StepReason = { code: 'repair', kind: card.kind, stop: card.stop };
  if (work.perLayer === 0) return [why];
  return [why, { code: 'stepped-edge', layers, widthMm: repair.sizeMm + 2 * layers * stepMm }];
}

/** What was spread or sprayed, and how long it stands before it is sanded. */
function standsAfter(draft: StepDraft, { operation }: RepairWork, last: string | null): Stands | null {
  const { shelf } = draft.context;
  const spread = draft.operation(operation).consumes.find(({ product }) => shelf.get(product)?.coating);
  const product = shelf.get(operation === 'mend-coat' ? (last ?? '') : (spread?.product ?? ''));
  return product?.coating
    ? { product: product.code, min: draft.waits(product, 'sandAfterMin', 'bay') }
    : null;
}
