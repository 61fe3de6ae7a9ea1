import { volumeParts, type CoatingSheet, type Pack, type Product } from '../film';
import type { Minor } from '../units';

export interface PackChoice {
  packs: { size: number; count: number; part: string | null }[];
  /** Covered in the product's unit; for a mix, litres of ready mix that can be made of it. */
  amount: number;
  costMinor: Minor;
}

const dust = 1e-9;

type Priced = Pick<Pack, 'size' | 'priceMinor'>;

/**
 * Cheapest set of whole packs that covers a need; on equal cost the one that leaves less over.
 * Exact search over the counts of each size, largest first, cut off where the cost so far and the rest at the best price
 * per unit that is left pass the best found.
 * @param need in the product's unit, ≥ 0   @returns null when there are no packs and something is needed
 */
export function cheapestPacks(need: number, packs: readonly Priced[]): PackChoice | null {
  if (need <= dust) return { packs: [], amount: 0, costMinor: 0 };
  const sizes = [...packs].sort((a, b) => b.size - a.size);
  let best: PackChoice | null = null;
  const counts = sizes.map(() => 0);
  const bestPriceFrom = lowestPrices(sizes);
  const consider = (amount: number, costMinor: Minor) => {
    if (best && (costMinor > best.costMinor || (costMinor === best.costMinor && amount >= best.amount)))
      return;
    const chosen = sizes.flatMap((pack, i) =>
      counts[i]! > 0 ? [{ size: pack.size, count: counts[i]!, part: null }] : [],
    );
    best = { packs: chosen, amount, costMinor };
  };
  const search = (i: number, amount: number, costMinor: Minor): void => {
    if (amount >= need - dust) return consider(amount, costMinor);
    if (i === sizes.length) return;
    if (best && costMinor + (need - amount) * bestPriceFrom[i]! > best.costMinor + dust) return;
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

/** From each size on, the lowest price per unit of those that are left to choose. */
const lowestPrices = (sizes: readonly Priced[]): number[] =>
  sizes.map((_, i) => Math.min(...sizes.slice(i).map((pack) => pack.priceMinor / pack.size)));

/**
 * Cheapest cover of a ready mix by kits and by single components: every number of kits of every size is tried, what
 * the kits leave short of a component is bought as singles. A tin that would stay sealed is never part of the cheapest
 * cover: without it as much is covered for less.
 * @param needL litres of ready mix
 */
export function cheapestMix(
  needL: number,
  sheet: Pick<CoatingSheet, 'mix' | 'mixBy'>,
  packs: readonly Pack[],
): PackChoice | null {
  // The largest kits first: the first answer is then good and cuts the rest short.
  const kits = packs.filter((pack) => pack.part === null).sort((a, b) => b.size - a.size);
  const singles = packs.filter((pack) => pack.part !== null);
  if (singles.length === 0 || needL <= dust) return cheapestPacks(needL, kits);
  const parts = volumeParts(sheet);
  const whole = parts.reduce((sum, part) => sum + part.parts, 0);
  let best: PackChoice | null = null;
  const weigh = (counts: readonly number[]) => {
    const mix = mixWith({ needL, parts, whole, singles, kits, counts });
    if (mix && (best === null || mix.costMinor < best.costMinor)) best = mix;
  };
  // Nothing left to buy costs less than the best price per litre.
  const litrePrice = Math.min(kitPrice(packs), singlesPrice(parts, whole, singles));
  const counts = kits.map(() => 0);
  const search = (i: number, litres: number): void => {
    if (best !== null) {
      const spent = kits.reduce((sum, kit, k) => sum + (k < i ? kit.priceMinor * counts[k]! : 0), 0);
      if (spent + Math.max(0, needL - litres) * litrePrice > (best as PackChoice).costMinor) return;
    }
    if (i === kits.length) return weigh(counts);
    const most = Math.max(0, Math.ceil((needL - litres) / kits[i]!.size - dust));
    for (let count = most; count >= 0; count -= 1) {
      counts[i] = count;
      search(i + 1, litres + count * kits[i]!.size);
    }
  };
  search(0, 0);
  return best;
}

/** So many kits of each size, with the cheapest singles for what they leave short; null where a component has no tin. */
function mixWith({
  needL,
  parts,
  whole,
  singles,
  kits,
  counts,
}: {
  needL: number;
  parts: ReturnType<typeof volumeParts>;
  whole: number;
  singles: readonly Pack[];
  kits: readonly Pack[];
  counts: readonly number[];
}): PackChoice | null {
  const kitLitres = kits.reduce((sum, kit, i) => sum + kit.size * counts[i]!, 0);
  const short = Math.max(0, needL - kitLitres);
  const chosen = kits.flatMap((kit, i) =>
    counts[i]! > 0 ? [{ size: kit.size, count: counts[i]!, part: null }] : [],
  ) as PackChoice['packs'];
  let costMinor = kits.reduce((sum, kit, i) => sum + kit.priceMinor * counts[i]!, 0);
  let amount = Infinity;
  for (const part of parts) {
    const share = part.parts / whole;
    const own = singles.filter((pack) => pack.part === part.label);
    const bought = cheapestPacks(short * share, own);
    // Reducer is bought apart by every shop and has no pack of its own here.
    if (!bought) {
      if (part.volumeSolids > 0) return null;
      continue;
    }
    chosen.push(...bought.packs.map((pack) => ({ ...pack, part: part.label })));
    costMinor += bought.costMinor;
    const supply = kitLitres * share + bought.amount;
    amount = Math.min(amount, supply / share);
  }
  return { packs: chosen, amount, costMinor };
}

/** What a litre of ready mix costs from single tins at their best prices; without a tin of some part there is no such price. */
function singlesPrice(
  parts: readonly { label: string; parts: number; volumeSolids: number }[],
  whole: number,
  singles: readonly Pack[],
): number {
  return parts.reduce((sum, part) => {
    const own = singles.filter((pack) => pack.part === part.label).map((pack) => pack.priceMinor / pack.size);
    if (own.length === 0) return part.volumeSolids > 0 ? Infinity : sum;
    return sum + (Math.min(...own) * part.parts) / whole;
  }, 0);
}

/** Lowest price per unit over packs that hold the whole product; Infinity where there are only single components. */
const kitPrice = (packs: readonly Pack[]): number =>
  Math.min(
    Infinity,
    ...packs.filter((pack) => pack.part === null).map((pack) => pack.priceMinor / pack.size),
  );

/**
 * Lowest price per unit of a product, minor units per unit: by the kit, or for a mix that is sold as single tins by the
 * tin of each part. 0 for a product without a price.
 */
export function unitPriceMinor(product: Pick<Product, 'packs' | 'coating'> | undefined): number {
  if (!product) return 0;
  const { packs, coating } = product;
  const parts = coating ? volumeParts(coating) : [];
  const whole = parts.reduce((sum, part) => sum + part.parts, 0);
  const singles = packs.filter((pack) => pack.part !== null);
  const price = Math.min(
    kitPrice(packs),
    singles.length > 0 ? singlesPrice(parts, whole, singles) : Infinity,
  );
  return Number.isFinite(price) ? price : 0;
}
