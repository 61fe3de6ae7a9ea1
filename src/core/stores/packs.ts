import type { Pack } from '../film';
import type { Minor } from '../units';

export interface PackChoice {
  packs: { size: number; count: number }[];
  amount: number;
  costMinor: Minor;
}

const dust = 1e-9;

/**
 * Cheapest set of whole packs that covers a need; on equal cost the one that leaves less over.
 * Exact search over the counts of each size, largest first, cut off where the cost passes the best so far.
 * @param need in the product's unit, ≥ 0   @returns null when there are no packs and something is needed
 */
export function cheapestPacks(need: number, packs: readonly Pack[]): PackChoice | null {
  if (need <= dust) return { packs: [], amount: 0, costMinor: 0 };
  const sizes = [...packs].sort((a, b) => b.size - a.size);
  let best: PackChoice | null = null;
  const counts = sizes.map(() => 0);
  const consider = (amount: number, costMinor: Minor) => {
    if (best && (costMinor > best.costMinor || (costMinor === best.costMinor && amount >= best.amount)))
      return;
    best = {
      packs: sizes.flatMap((pack, i) => (counts[i]! > 0 ? [{ size: pack.size, count: counts[i]! }] : [])),
      amount,
      costMinor,
    };
  };
  const search = (i: number, amount: number, costMinor: Minor): void => {
    if (amount >= need - dust) return consider(amount, costMinor);
    if (i === sizes.length || (best && costMinor > best.costMinor)) return;
    const pack = sizes[i]!;
    for (let count = Math.ceil((need - amount) / pack.size - dust); count >= 0; count -= 1) {
      counts[i] = count;
      search(i + 1, amount + count * pack.size, costMinor + count * pack.priceMinor);
    }
    counts[i] = 0;
  };
  search(0, 0, 0);
  return best;
}

/** Lowest price per unit over the packs, minor units per unit; 0 without packs. */
export const unitPriceMinor = (packs: readonly Pack[]): number =>
  packs.length === 0 ? 0 : Math.min(...packs.map((pack) => pack.priceMinor / pack.size));
