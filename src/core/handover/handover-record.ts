import type { Shelf } from '../film';
import { figuresFrom } from '../figures';
import type { LeftAlone, Offer, WarrantyLine } from '../offer';
import { offerSections } from '../offer/sections';
import type { Plan } from '../plan/model';
import { dryMass } from '../readings/dry-mass';
import type { Job, Provenance, StockMove } from '../record';
import type { Shop } from '../shop';
import { netOfJob } from '../survey';
import { localDateOf, type LocalDate } from '../units';
import { bodyKindOf } from '../vehicle';
import { careOf, type CareItem } from './care';
import { colourRecord, type ColourRecord } from './colour-record';
import { filmRecord, type PanelFilm } from './film-record';
import { measuredMass, type MeasuredMass } from './measured-mass';
import { moneyRecord, type MoneyRecord } from './money-record';
import { openEnds, releasedHolds, type OpenEnd, type ReleasedHold } from './open-ends';
import { productsUsed, type UsedProduct } from './products-used';

/** The day on which the object comes back for a second look. */
export interface ReturnLook {
  day: LocalDate;
  personMin: number;
}

/** Everything that goes with the object, out of the plan and the record as they stand. */
export interface HandoverRecord {
  openEnds: OpenEnd[];
  holds: ReleasedHold[];
  leftAlone: { section: string; what: readonly LeftAlone[] }[];
  film: PanelFilm[];
  colours: ColourRecord[];
  products: UsedProduct[];
  money: MoneyRecord;
  care: CareItem[];
  warranty: readonly WarrantyLine[];
  provenance: readonly Provenance[];
  replaced: string[];
  returnLook: ReturnLook | null;
  /** Of an aircraft; null of what nobody weighs. */
  mass: MeasuredMass | null;
}

export interface HandoverGiven {
  job: Job;
  plan: Plan;
  shop: Shop;
  shelf: Shelf;
  moves: readonly StockMove[];
  /** The quote that was accepted; null where none was. */
  accepted: Offer | null;
}

export function handoverRecord({ job, plan, shop, shelf, moves, accepted }: HandoverGiven): HandoverRecord {
  const film = filmRecord(job, plan, shop);
  const isWeighed = bodyKindOf(job.bodyKind)?.route === 'aircraft';
  const { timeZone } = shop;
  return {
    openEnds: openEnds(job, plan, film),
    holds: releasedHolds(job, plan),
    leftAlone: offerSections(job, plan, netOfJob(job)).flatMap(({ name, leftAlone }) =>
      leftAlone.length > 0 ? [{ section: name, what: leftAlone }] : [],
    ),
    film,
    colours: colourRecord(job, plan, { shelf, moves, timeZone }),
    products: productsUsed(plan, shelf),
    money: moneyRecord(plan, accepted, job.scope),
    care: careOf(job, plan, { shelf, timeZone }),
    warranty: accepted?.warranty ?? shop.offerTerms.warranty.filter((one) => hasLevel(job, one)),
    provenance: job.provenance,
    replaced: job.surveyed.filter((one) => one.replaced).map((one) => one.key),
    returnLook: returnLookOf(plan, timeZone),
    mass: isWeighed
      ? measuredMass(dryMass(plan, job, shelf, figuresFrom(shop.figures, job.figures)), film)
      : null,
  };
}

const hasLevel = (job: Job, { level }: WarrantyLine): boolean =>
  job.sections.some((section) => section.level === level);

/** The first work after it was handed over, and the hours of all of it. */
function returnLookOf({ steps }: Plan, timeZone: string): ReturnLook | null {
  const own = steps.filter((step) => step.phase === 'return' && step.kind !== 'passive' && !step.skipped);
  if (own.length === 0) return null;
  return {
    day: localDateOf(Math.min(...own.map((step) => step.start)), timeZone),
    personMin: own.reduce((sum, step) => sum + step.usedMin + (step.state === 'done' ? 0 : step.leftMin), 0),
  };
}
