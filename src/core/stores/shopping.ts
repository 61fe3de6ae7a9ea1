import type { Shelf } from '../film';
import { addDays, localDateOf, toMinor, type LocalDate, type Minor, type Minute } from '../units';
import { cheapestPacks, unitPriceMinor, type PackChoice } from './packs';

export interface ShoppingLine {
  product: string;
  name: string;
  kind: string;
  unit: string;
  /** Still to be used, in the product's unit. */
  need: number;
  buy: PackChoice | null;
  /** The need at unit price. */
  valueMinor: Minor;
  /** Start of the first step that uses it. */
  neededBy: Minute;
  orderBy: LocalDate;
}

export interface Draw {
  product: string;
  amount: number;
  at: Minute;
}

/** Sums what steps still draw and finds the cheapest whole packs; ordered by the day on which to order. */
export function shoppingList(draws: readonly Draw[], shelf: Shelf, timeZone: string): ShoppingLine[] {
  const sums = new Map<string, { amount: number; at: Minute }>();
  for (const { product, amount, at } of draws) {
    const sum = sums.get(product) ?? { amount: 0, at };
    sums.set(product, { amount: sum.amount + amount, at: Math.min(sum.at, at) });
  }
  const lines = [...sums].flatMap(([code, { amount, at }]) => {
    const product = shelf.get(code);
    if (!product || amount <= 0) return [];
    return [
      {
        product: code,
        name: product.name,
        kind: product.kind,
        unit: product.unit,
        need: amount,
        buy: cheapestPacks(amount, product.packs),
        valueMinor: toMinor(amount * unitPriceMinor(product.packs)),
        neededBy: at,
        orderBy: addDays(localDateOf(at, timeZone), -product.leadDays),
      },
    ];
  });
  return lines.sort((a, b) => a.orderBy.localeCompare(b.orderBy) || a.name.localeCompare(b.name));
}
