import fc from 'fast-check';
import { shelfOf, standardShelf, type Pack } from '../film';
import type { Step } from '../steps';
import { batchLimitL, cheapestPacks, sessionNeeds, shoppingList, unitPriceMinor } from './index';

const shelf = shelfOf(standardShelf);

describe('packs', () => {
  test('5.4 L from tins of 1.5 L at 43.00 and 7.5 L at 187.00: four small ones, 172.00', () => {
    const choice = cheapestPacks(5.4, [
      { size: 1.5, priceMinor: 4300 },
      { size: 7.5, priceMinor: 18700 },
    ]);
    expect(choice).toEqual({ packs: [{ size: 1.5, count: 4 }], amount: 6, costMinor: 17200 });
  });

  test('nothing needed costs nothing; no packs and a need is no answer', () => {
    expect(cheapestPacks(0, [])).toEqual({ packs: [], amount: 0, costMinor: 0 });
    expect(cheapestPacks(1, [])).toBeNull();
  });

  test('never dearer than any set of packs found by trying them all', () => {
    const packs = fc.array(
      fc.record({ size: fc.integer({ min: 1, max: 9 }), priceMinor: fc.integer({ min: 1, max: 999 }) }),
      {
        minLength: 1,
        maxLength: 3,
      },
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), packs, (need, list) => {
        const found = cheapestPacks(need, list)!;
        expect(found.amount).toBeGreaterThanOrEqual(need);
        expect(found.costMinor).toBe(cheapestByTable(need, list));
      }),
    );
  });
});

/** Independent answer: the unbounded covering table over whole units. */
function cheapestByTable(need: number, packs: Pack[]): number {
  const cost = [0];
  for (let units = 1; units <= need; units += 1)
    cost[units] = Math.min(...packs.map((pack) => pack.priceMinor + cost[Math.max(0, units - pack.size)]!));
  return cost[need]!;
}

test('unit price is the best of the packs: 27.60 for 8 beats 3.90 for 1', () => {
  expect(
    unitPriceMinor([
      { size: 1, priceMinor: 390 },
      { size: 8, priceMinor: 2760 },
    ]),
  ).toBe(345);
});

describe('batches and ready mix, by hand', () => {
  const coat = (litres: number, n: number) =>
    ({
      key: `k${n}`,
      needs: [],
      coat: { session: 's', product: 'high-build-41', role: 'build', litres },
    }) as unknown as Step;

  test('high-build at 20 °C: 0.22 L/min × 0.8 × 50 min = 8.8 L, so the 5 L pot is the limit; at 30 °C 25 min make 4.4 L', () => {
    const product = shelf.get('high-build-41')!;
    expect(batchLimitL(product, 'build', 20)).toBe(5);
    expect(batchLimitL(product, 'build', 30)).toBeCloseTo(4.4, 9);
    // Cold does not lengthen pot life.
    expect(batchLimitL(shelf.get('polyester-primer')!, 'build', 15)).toBeCloseTo(0.22 * 0.8 * 25, 9);
  });

  test('two coats of 3 L: mix 6.6 L, two batches, ready 6.6 + 0.10 + 0.15 = 6.85 L', () => {
    const [need] = sessionNeeds([coat(3, 1), coat(3, 2)], shelf, 20);
    expect(need).toMatchObject({ batches: 2, product: 'high-build-41' });
    expect(need!.readyL).toBeCloseTo(6.85, 9);
  });
});

test('the shopping list sums draws, dates them by the first use and orders ahead by the lead time', () => {
  const at = Date.UTC(2026, 11, 10, 8) / 60000;
  const [line] = shoppingList(
    [
      { product: 'clear-21', amount: 2, at: at + 5000 },
      { product: 'clear-21', amount: 3.4, at },
    ],
    shelf,
    'Europe/London',
  );
  expect(line).toMatchObject({ product: 'clear-21', orderBy: '2026-12-07', neededBy: at });
  expect(line!.need).toBeCloseTo(5.4, 9);
  expect(line!.buy!.costMinor).toBe(17200);
});
