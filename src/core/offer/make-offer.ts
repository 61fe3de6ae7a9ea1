import type { Figures } from '../figures';
import type { Shelf } from '../film';
import type { Plan } from '../plan/model';
import type { Job } from '../record';
import type { Shop } from '../shop';
import { netOfJob } from '../survey';
import { addDays, costOfMinutes, localDateOf, type LocalDate, type Minute } from '../units';
import { offerLines, sumOf } from './lines';
import type { Discount, LineKind, Offer, OfferLine, OfferTerms, TaxRule } from './model';
import { boundChoices, offerSections } from './sections';
import { stageDays } from './stages';
import { discountOf, stageSums, taxesOn } from './sums';

/** What a quote is made from, besides the plan. */
export interface OfferGiven {
  job: Job;
  shop: Shop;
  shelf: Shelf;
  figures: Figures;
  terms: OfferTerms;
  number: number;
  now: Minute;
  discount: Discount | null;
  note: string;
}

/**
 * A quote out of a plan. Its net sum is that of its lines less the discount, each line rounded once; the allowance for hidden damage
 * is told as a ceiling and is in no sum.
 */
export function makeOffer(plan: Plan, given: OfferGiven): Offer {
  const { job, shop, shelf, figures, terms, number, now, note } = given;
  const lines = offerLines(plan, shop, shelf, figures);
  const subtotal = sumOf(lines);
  const off = discountOf(subtotal, given.discount);
  const netMinor = subtotal - off;
  const taxes = taxesOn(lines, netMinor, taxRules(shop, terms));
  const grossMinor = taxes.reduce((sum, tax) => sum + tax.sumMinor, netMinor);
  const madeOn: LocalDate = localDateOf(now, shop.timeZone);
  const days = stageDays(plan, madeOn, shop.timeZone);
  const sums = stageSums(grossMinor, terms.stages);
  const net = netOfJob(job);
  const left = plan.allowance?.leftMin ?? 0;
  return {
    job: job.number,
    number,
    madeOn,
    validUntil: addDays(madeOn, terms.validDays),
    currency: shop.currency,
    sections: offerSections(job, plan, net),
    lines,
    contingency:
      left === 0
        ? null
        : { hours: left / 60, ceilingMinor: costOfMinutes(left, shop.labourRateMinorPerHour) },
    discount: off === 0 ? null : { reason: given.discount?.reason ?? '', minor: off },
    netMinor,
    taxes,
    grossMinor,
    stages: terms.stages.map((stage, i) => ({
      ...stage,
      grossMinor: sums[i]!,
      expectedOn: days[stage.state],
    })),
    promised: job.promised,
    ways: [],
    warranty: terms.warranty.filter((one) => job.sections.some((section) => section.level === one.level)),
    terms: terms.terms,
    note,
    caps: capsOf(lines),
    bound: boundChoices(job, net),
    scope: job.scope.map((one) => one.id),
  };
}

const taxRules = ({ taxBp }: Pick<Shop, 'taxBp'>, { secondTax }: OfferTerms): TaxRule[] => [
  { name: 'Tax', bp: taxBp, on: [] },
  ...(secondTax === null ? [] : [secondTax]),
];

const material: ReadonlySet<LineKind> = new Set<LineKind>(['materials', 'bought-in', 'disposal']);

/** What the three budgets may be once the quote is accepted: whole hours and whole units of money, rounded up. */
function capsOf(lines: readonly OfferLine[]): Offer['caps'] {
  const hours = (test: (kind: LineKind) => boolean) =>
    Math.ceil(lines.reduce((sum, line) => sum + (test(line.kind) ? line.quantity : 0), 0) - 1e-9);
  const money = sumOf(lines.filter((line) => material.has(line.kind)));
  return {
    labourHours: hours((kind) => kind === 'labour' || kind === 'found'),
    boothHours: hours((kind) => kind === 'booth'),
    materialsMinor: Math.ceil(money / 100) * 100,
  };
}
