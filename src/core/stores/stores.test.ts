import fc from 'fast-check';
import { shelfOf, standardShelf, type Pack } from '../film';
import { standardShop } from '../shop';
import type { Step } from '../steps';
import {
  batchLimitL,
  cheapestPacks,
  drawnBySteps,
  sessionNeeds,
  shoppingList,
  unitPriceMinor,
} from './index';

const shelf = shelfOf(standardShelf);
const shop = { ...standardShop, closures: [{ date: '2026-12-07', reason: 'stocktaking' }] };

describe('packs', () => {
  test('5.4 L from tins of 1.5 L at 43.00 and 7.5 L at 187.00: four small ones, 172.00', () => {
    const choice = cheapestPacks(5.4, [
      { size: 1.5, priceMinor: 4300 },
      { size: 7.5, priceMinor: 18700 },
    ]);
    expect(choice).toMatchObject({ packs: [{ size: 1.5, count: 4 }], amount: 6, costMinor: 17200 });
  });

  test('of equal cost the set that leaves less over, whichever size comes first', () => {
    const sizes = [
      { size: 5, priceMinor: 100 },
      { size: 4, priceMinor: 100 },
    ];
    expect(cheapestPacks(4, sizes)).toEqual({
      packs: [{ size: 4, count: 1, part: null }],
      amount: 4,
      costMinor: 100,
    });
    expect(cheapestPacks(4, [...sizes].reverse())).toMatchObject({ amount: 4 });
    expect(cheapestPacks(4.5, sizes)).toMatchObject({ amount: 5, costMinor: 100 });
    // 0.3 of tins of 0.1 are three, though 3 × 0.1 is a hair more than 0.3 in binary, and 0.6 of 0.2 a hair less.
    expect(cheapestPacks(0.3, [{ size: 0.1, priceMinor: 10 }])).toMatchObject({ costMinor: 30 });
    expect(cheapestPacks(0.6, [{ size: 0.2, priceMinor: 10 }])).toMatchObject({ costMinor: 30 });
  });

  test('nothing needed costs nothing; no packs and a need is no answer', () => {
    expect(cheapestPacks(0, [])).toMatchObject({ packs: [], amount: 0, costMinor: 0 });
    expect(cheapestPacks(1, [])).toBeNull();
  });

  test('never dearer than any set of packs found by trying them all', () => {
    const packs = fc.array(
      fc.record({
        size: fc.integer({ min: 1, max: 9 }),
        priceMinor: fc.integer({ min: 1, max: 999 }),
        part: fc.constant(null),
      }),
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
    unitPriceMinor({
      coating: null,
      packs: [
        { size: 1, priceMinor: 390, part: null },
        { size: 8, priceMinor: 2760, part: null },
      ],
    }),
  ).toBe(345);
});

describe('batches and ready mix, by hand', () => {
  const coat = (litres: number, n: number) =>
    ({
      key: `k${n}`,
      needs: [],
      cautions: [],
      crew: 1,
      kind: 'contiguous',
      coat: { session: 's', product: 'high-build-41', role: 'build', litres },
    }) as unknown as Step;

  test('high-build at 20 °C: 0.22 L/min × 0.8 × 50 min = 8.8 L, so the 5 L pot is the limit; at 30 °C 25 min make 4.4 L', () => {
    const product = shelf.get('high-build-41')!;
    expect(batchLimitL(product, 20)).toBe(5);
    expect(batchLimitL(product, 30)).toBeCloseTo(4.4, 9);
    // Cold does not lengthen pot life.
    expect(batchLimitL(shelf.get('polyester-primer')!, 15)).toBeCloseTo(0.25 * 0.8 * 25, 9);
  });

  test('two coats of 3 L: mix 6.6 L, two batches, ready 6.6 + 0.10 + 0.15 = 6.85 L', () => {
    const [need] = sessionNeeds([coat(3, 1), coat(3, 2)], shelf, { airOf: () => 20 });
    expect(need).toMatchObject({ batches: 2, product: 'high-build-41' });
    expect(need!.readyL).toBeCloseTo(6.85, 9);
  });
});

describe('sessions and what they draw, by hand', () => {
  const coat = (key: string, session: string, product: string, litres: number) =>
    ({
      key,
      needs: [{ product: 'wipes', amount: 2 }],
      cautions: [],
      crew: 1,
      kind: 'contiguous',
      coat: { session, product, role: 'clear', litres },
    }) as unknown as Step;

  test('each product of each session is a mix of its own; the warmest coat sets the batch', () => {
    const steps = [
      coat('a', 's', 'high-build-41', 2),
      coat('b', 's', 'high-build-41', 3),
      coat('c', 's', 'clear-21', 1),
      coat('d', 't', 'high-build-41', 1),
      coat('e', 's', 'of no shelf', 1),
    ];
    const needs = sessionNeeds(steps, shelf, { airOf: (step) => (step.key === 'b' ? 30 : 20) });
    expect(needs.map(({ session, product, netL }) => [session, product, netL])).toEqual([
      ['s', 'high-build-41', 5],
      ['s', 'clear-21', 1],
      ['t', 'high-build-41', 1],
    ]);
    // 4.4 L at 30 °C, see above: 5.5 L are two batches; 5 L at 20 °C.
    expect(needs.map((one) => one.batchLimitL)).toEqual([expect.closeTo(4.4, 9), expect.any(Number), 5]);
    expect(needs[0]).toMatchObject({ batches: 2, readyL: expect.closeTo(5.5 + 0.1 + 0.15, 9) as number });
  });

  test('the first coat of a mix takes two cups and a strainer for each batch, the others none', () => {
    const steps = [coat('a', 's', 'high-build-41', 2), coat('b', 's', 'high-build-41', 3)];
    const drawn = drawnBySteps(steps, sessionNeeds(steps, shelf, { airOf: () => 30 }), shelf);
    const of = (key: string) =>
      drawn.get(key)!.filter((one) => one.product === 'cup' || one.product === 'strainer');
    expect(of('a')).toEqual([
      { product: 'cup', amount: 4 },
      { product: 'strainer', amount: 2 },
    ]);
    expect(of('b')).toEqual([]);
  });

  test('a coat of nothing draws all that stands ready for it', () => {
    const need = {
      session: 's',
      product: 'clear-21',
      netL: 0,
      batches: 1,
      batchLimitL: 3,
      pots: [],
      readyL: 0.2,
    };
    const drawn = drawnBySteps(
      [coat('a', 's', 'clear-21', 0)],
      [
        { ...need, steps: [{ step: 'a', litres: 0 }] },
        { ...need, steps: [] },
      ],
      shelf,
    );
    expect(drawn.get('a')).toContainEqual({ product: 'clear-21', amount: 0.2 });
  });

  test('what has no pot life is mixed by the cup and its five refills', () => {
    const primer = shelf.get('high-build-41')!;
    const endless = { ...primer, coating: { ...primer.coating!, potLifeMin: null, morePoints: [] } };
    expect(batchLimitL(endless, 20)).toBe(5);
  });
});

describe('two colours of one product', () => {
  const draw = (colour: string, amount: number, at: number, job = 'P-1') => ({
    product: 'base-solid',
    amount,
    at,
    job,
    colour: { key: colour, name: colour },
  });
  const lines = (
    draws: Parameters<typeof shoppingList>[0],
    onHand = 0,
  ): [string | undefined, number, number, number | undefined][] =>
    shoppingList(
      draws,
      shelf,
      shop,
      new Map([['base-solid', { product: 'base-solid', onHand, onOrder: 0, expired: 0 }]] as never),
    ).map((line) => [line.colour?.name, line.need, line.short, line.buy?.amount]);

  test('are two lines with tins of their own: 1.2 L and 0.7 L are a tin of 2 and one of 1, not one of 2', () => {
    // Tins of 1, 2 and 8 L at £39, £74 and £276.
    expect(lines([draw('ochre', 0.7, 200), draw('green', 1.2, 100), draw('ochre', 0, 300)])).toEqual([
      ['green', 1.2, 1.2, 2],
      ['ochre', 0.7, 0.7, 1],
    ]);
    // The same key in another job is another colour.
    expect(lines([draw('c.1', 0.7, 100), draw('c.1', 0.7, 200, 'P-2')])).toHaveLength(2);
  });

  test('what stands on the shelf goes to the colour that is needed first', () => {
    expect(lines([draw('ochre', 0.7, 200), draw('green', 1.2, 100)], 1.5)).toEqual([
      ['green', 1.2, 0, 0],
      ['ochre', 0.7, expect.closeTo(0.4, 9), 1],
    ]);
  });
});

test('the shopping list sums draws, dates them by the first use and orders ahead by the lead time, on a day that is open', () => {
  const at = Date.UTC(2026, 11, 10, 8) / 60000;
  const [line] = shoppingList(
    [
      { product: 'clear-21', amount: 2, at: at + 5000, job: 'P-1' },
      { product: 'clear-21', amount: 3.4, at, job: 'P-2' },
    ],
    shelf,
    shop,
  );
  // Three days before Thursday 10 December is Monday the 7th, which is closed: the Friday before.
  expect(line).toMatchObject({ product: 'clear-21', orderBy: '2026-12-04', neededBy: at });
  expect(line!.need).toBeCloseTo(5.4, 9);
  expect(line!.buy!.costMinor).toBe(17200);
});

describe('whatever is needed', () => {
  const litres = fc.double({ min: 0.01, max: 40, noNaN: true });
  const coatOf = (net: number, n: number) =>
    ({
      key: `k${n}`,
      needs: [{ product: 'wipes', amount: 1 }],
      cautions: [],
      crew: 1,
      kind: 'contiguous',
      coat: { session: 's', product: 'clear-21', role: 'clear', litres: net },
    }) as unknown as Step;

  test('batches hold the mix, none of them is idle, and more paint never makes fewer', () => {
    fc.assert(
      fc.property(litres, litres, (net, more) => {
        const [need] = sessionNeeds([coatOf(net, 1)], shelf, { airOf: () => 20 });
        const { batches, batchLimitL: limit } = need!;
        expect(batches * limit).toBeGreaterThanOrEqual(net * 1.1 - 1e-6);
        if (batches > 1) expect((batches - 1) * limit).toBeLessThan(net * 1.1 + 1e-6);
        const [bigger] = sessionNeeds([coatOf(net + more, 1)], shelf, { airOf: () => 20 });
        expect(bigger!.batches).toBeGreaterThanOrEqual(batches);
        expect(bigger!.readyL).toBeGreaterThan(need!.readyL);
      }),
    );
  });

  test('a coat that found no room stands in no plan and draws nothing, and the others draw as before', () => {
    const session = {
      session: 's',
      product: 'clear-21',
      netL: 2,
      batches: 1,
      batchLimitL: 3,
      pots: [],
      readyL: 2.4,
    };
    const coats = ['placed', 'unplaced'].map((step) => ({ step, litres: 1 }));
    const placed: Step = { ...coatOf(1, 0), key: 'placed' };
    const drawn = drawnBySteps([placed], [{ ...session, steps: coats }], shelf);
    expect([...drawn.keys()]).toEqual(['placed']);
    // Its half of what stands ready.
    expect(drawn.get('placed')).toContainEqual({ product: 'clear-21', amount: 1.2 });
  });

  test('what the coats of a session draw is its ready mix, shared as their litres, and other goods stay', () => {
    fc.assert(
      fc.property(fc.array(litres, { minLength: 1, maxLength: 5 }), (list) => {
        const steps = list.map(coatOf);
        const sessions = sessionNeeds(steps, shelf, { airOf: () => 20 });
        const drawn = drawnBySteps(steps, sessions, shelf);
        const clear = steps.map(
          (step) => drawn.get(step.key)!.find((one) => one.product === 'clear-21')!.amount,
        );
        expect(clear.reduce((sum, one) => sum + one, 0)).toBeCloseTo(sessions[0]!.readyL, 6);
        clear.forEach((amount, i) => expect(amount / clear[0]!).toBeCloseTo(list[i]! / list[0]!, 6));
        for (const step of steps) expect(drawn.get(step.key)).toContainEqual({ product: 'wipes', amount: 1 });
      }),
    );
  });

  test('a colder booth never shrinks a batch limit below a warmer one', () => {
    const product = shelf.get('clear-21')!;
    const limits = [14, 20, 26, 32].map((airC) => batchLimitL(product, airC));
    expect(limits).toEqual([...limits].sort((a, b) => b - a));
  });

  test('6.2 L among 1 L at 28.00 and 5 L at 110.00: one large and two small, 166.00', () => {
    const choice = cheapestPacks(6.2, [
      { size: 1, priceMinor: 2800 },
      { size: 5, priceMinor: 11000 },
    ]);
    expect(choice).toMatchObject({ costMinor: 16600, amount: 7 });
    expect(choice!.packs).toEqual([
      { size: 5, count: 1, part: null },
      { size: 1, count: 2, part: null },
    ]);
  });

  test('goods that are not on the shelf and needs of nothing make no line', () => {
    const at = Date.UTC(2026, 11, 10, 8) / 60000;
    const draws = [
      { product: 'no-such-thing', amount: 2, at, job: 'P-1' },
      { product: 'clear-21', amount: 0, at, job: 'P-1' },
    ];
    expect(shoppingList(draws, shelf, shop)).toEqual([]);
  });
});
