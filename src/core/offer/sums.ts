import { toMinor, type Minor } from '../units';
import { sumOf } from './lines';
import type { Discount, OfferLine, OfferTax, StageShare, TaxRule } from './model';

/** What is taken off the sum of the lines: a share of it, rounded once, or money. */
export function discountOf(subtotalMinor: Minor, discount: Discount | null): Minor {
  if (discount === null) return 0;
  return discount.kind === 'share' ? toMinor((subtotalMinor * discount.bp) / 10_000) : discount.minor;
}

/**
 * Each tax on the lines it is on, after the discount in proportion: base and tax are rounded once each. No tax is laid on another.
 * @param netMinor sum of the lines less the discount
 */
export function taxesOn(lines: readonly OfferLine[], netMinor: Minor, rules: readonly TaxRule[]): OfferTax[] {
  const subtotal = sumOf(lines);
  return rules.map((rule): OfferTax => {
    const taxed = rule.on.length === 0 ? lines : lines.filter((line) => rule.on.includes(line.kind));
    const baseMinor = subtotal === 0 ? 0 : toMinor((sumOf(taxed) * netMinor) / subtotal);
    return { ...rule, baseMinor, sumMinor: toMinor((baseMinor * rule.bp) / 10_000) };
  });
}

/** The gross sum in stages: each share is rounded down to a minor unit, and the last takes the rest. */
export function stageSums(grossMinor: Minor, shares: readonly StageShare[]): Minor[] {
  let left = grossMinor;
  return shares.map(({ shareBp }, i) => {
    const own = i === shares.length - 1 ? left : Math.floor((grossMinor * shareBp) / 10_000);
    left -= own;
    return own;
  });
}
