// Speed of the stores' and film's arithmetic in Node, after one warm-up; run by `npm run bench`, prints only.
import { clearBudget, filmColumn, ladders, shelfOf, standardShelf } from '../src/core/film';
import { rectangle } from '../src/core/geometry';
import { litresOf } from '../src/core/steps/session';
import { standardShop } from '../src/core/shop';
import { batchCount, batchLimitL, cheapestMix, shoppingList, type Draw } from '../src/core/stores';
import { partFromOutline } from '../src/core/vehicle';

const shelf = shelfOf(standardShelf);
const coatings = standardShelf.filter((product) => product.coating);
const parts = Array.from({ length: 80 }, (_, i) =>
  partFromOutline({
    key: `P${i}`,
    name: 'panel',
    section: 's',
    side: 'left',
    shape: 'curved',
    outline: rectangle(0, 0, 0.5 + (i % 7) * 0.2, 0.6),
  }),
);
const layers = Array.from({ length: 12 }, (_, i) => coatings[i % coatings.length]!);

/** Needs, batches, packs and film of 80 parts under 12 layers. */
function recompute(): number {
  let sum = 0;
  for (const product of layers) {
    const litres = litresOf(product, parts, 'both') * 3;
    sum += batchCount(litres * 1.1, batchLimitL(product, 20));
    sum += cheapestMix(litres * 1.1, product.coating!, product.packs)?.costMinor ?? 0;
  }
  const clear = clearBudget({ ladder: ladders.hand, coatUm: 30, levelMinimum: 4, productMinimum: 2 });
  for (let i = 0; i < parts.length; i += 1)
    sum += filmColumn(
      [{ name: 'enamel', um: 120, isStripped: false }],
      layers.map((product) => ({ role: 'colour', name: product.name, coats: 2, dryUm: 30 })),
      clear,
      'panel',
    ).leftUm;
  return sum;
}

const draws: Draw[] = Array.from({ length: 20 }, (_, job) =>
  standardShelf.flatMap((product) =>
    Array.from({ length: 12 }, (_, n) => ({
      product: product.code,
      amount: 1.7,
      at: 30_000_000 + job * 900 + n * 60,
      job: `P-${job}`,
    })),
  ),
).flat();

function timed(name: string, work: () => unknown): void {
  work();
  const times = Array.from({ length: 9 }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  process.stdout.write(`${name.padEnd(58)} median ${times[4]!.toFixed(1)} ms\n`);
}

timed('needs, batches, packs and film of 80 parts × 12 layers', recompute);
timed('shopping list across 20 jobs', () => shoppingList(draws, shelf, standardShop));
