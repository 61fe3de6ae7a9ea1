import fc from 'fast-check';
import { completeSheet, shelfOf, standardShelf, type MixPart } from '../film';
import type { Step } from '../steps';
import {
  batchCards,
  batchCount,
  cheapestMix,
  colourPools,
  kitOfStep,
  mixLines,
  trialResults,
  unitPriceMinor,
  vocOf,
  wasteLines,
  type SessionNeed,
} from './index';

const shelf = shelfOf(standardShelf);
const part = (label: string, parts: number, densityKgL: number | null, volumeSolids = 0.5): MixPart => ({
  label,
  parts,
  densityKgL,
  volumeSolids,
});
const session = (product: string, netL: number, readyL: number, batches = 1): SessionNeed => ({
  session: 's',
  product,
  netL,
  batches,
  pots: [],
  batchLimitL: 5,
  readyL,
  steps: [],
});

describe('a batch on the scale', () => {
  const mix = [part('base', 4, 1.4), part('activator', 1, 1.05), part('reducer', 1, 0.87, 0)];

  test('1.2 L of 4:1:1: 800, 200, 200 mL; 1120, then 1330, then 1504 g on a scale that is not tared', () => {
    const lines = mixLines({ mix, mixBy: 'volume' }, 1.2);
    expect(lines.map((line) => Math.round(line.ml))).toEqual([800, 200, 200]);
    expect(lines.map((line) => Math.round(line.cumulativeGrams!))).toEqual([1120, 1330, 1504]);
  });

  test('98:2 by weight at 1.6 and 1.1 kg/L: the hardener of a litre is 28.9 mL', () => {
    const lines = mixLines({ mix: [part('base', 98, 1.6), part('hardener', 2, 1.1)], mixBy: 'weight' }, 1);
    // Volumes 61.25 and 1.818 of 63.068: 971.2 and 28.83 mL; 1553.9 g and 31.7 g, which is 2 % of the sum.
    expect(lines[1]!.ml).toBeCloseTo(28.83, 1);
    expect(lines[1]!.grams! / lines[1]!.cumulativeGrams!).toBeCloseTo(0.02, 9);
  });

  test('without a density the rest is measured, not weighed', () => {
    const lines = mixLines({ mix: [part('base', 1, 1.2), part('activator', 1, null)], mixBy: 'volume' }, 1);
    expect(lines.map((line) => line.cumulativeGrams)).toEqual([600, null]);
  });

  test('the millilitres of any mix add up to the batch', () => {
    const parts = fc.array(
      fc.record({
        label: fc.constant('x'),
        parts: fc.double({ min: 0.1, max: 50, noNaN: true }),
        densityKgL: fc.double({ min: 0.7, max: 2.5, noNaN: true }),
        volumeSolids: fc.constant(0.4),
      }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(
        parts,
        fc.constantFrom('volume' as const, 'weight' as const),
        fc.double({ min: 0.05, max: 20, noNaN: true }),
        (list, mixBy, litres) => {
          const lines = mixLines({ mix: list, mixBy }, litres);
          expect(lines.reduce((sum, line) => sum + line.ml, 0)).toBeCloseTo(litres * 1000, 6);
        },
      ),
    );
  });

  test('25 min of pot life at 0.18 L/min: batches of 3.6 L, so 10 L are three', () => {
    const limit = 0.18 * 0.8 * 25;
    expect(limit).toBeCloseTo(3.6, 9);
    expect([3.6, 3.61, 10].map((litres) => batchCount(litres, limit))).toEqual([1, 2, 3]);
  });

  test('cards: 6 L in two batches of 3 L, the second mixed when the first is laid, each dead after its pot life', () => {
    const sheet = completeSheet({
      family: 'clear',
      mix,
      method: 'spray',
      dryUm: 30,
      sheetC: 20,
      minAirC: 10,
      maxAirC: 35,
      potLifeMin: 100,
      flashMin: 10,
      dustFreeMin: 60,
      recoatMaxMin: 1440,
      sandAfterMin: 900,
      coatsPerSession: 3,
      flowLPerMin: 0.2,
      inductionMin: 15,
    });
    const cards = batchCards('clear', sheet, { readyL: 6, batches: 2 }, 1000, 30);
    // At 30 °C half the pot life; 3 L / 0.2 L/min = 15 min after the first.
    expect(cards.map((card) => [card.mixedAt, card.usableFrom, card.deadAt])).toEqual([
      [1000, 1015, 1050],
      [1015, 1030, 1065],
    ]);
  });
});

describe('kits and single tins', () => {
  const sheet = { mix: [part('clear', 2, 1), part('activator', 1, 1)], mixBy: 'volume' as const };
  const pack = (size: number, priceMinor: number, of: string | null = null) => ({
    size,
    priceMinor,
    part: of,
  });

  test('7.2 L: one kit of 6 L at 120 and singles for 0.8 + 0.4 L are cheaper than two kits', () => {
    const packs = [pack(6, 12000), pack(1, 2000, 'clear'), pack(0.5, 1800, 'activator')];
    const choice = cheapestMix(7.2, sheet, packs)!;
    expect(choice.packs).toEqual([
      { size: 6, count: 1, part: null },
      { size: 1, count: 1, part: 'clear' },
      { size: 0.5, count: 1, part: 'activator' },
    ]);
    expect(choice.costMinor).toBe(15800);
    expect(choice.amount).toBeGreaterThanOrEqual(7.2);
  });

  test('5 L of which the kit gives 3: 2/3 of the rest from the cheaper size of clear, 1/3 from one small activator', () => {
    const packs = [
      pack(3, 4000),
      pack(1, 1500, 'clear'),
      pack(2, 2600, 'clear'),
      pack(0.7, 900, 'activator'),
      pack(5, 9000, 'activator'),
    ];
    // One kit and 4/3 + 2/3 L of singles: 40.00 + 26.00 (a tin of 2 L, not two of 1) + 9.00; two kits would be 80.00,
    // singles alone 52.00 + 27.00.
    expect(cheapestMix(5, sheet, packs)).toEqual({
      packs: [
        { size: 3, count: 1, part: null },
        { size: 2, count: 1, part: 'clear' },
        { size: 0.7, count: 1, part: 'activator' },
      ],
      // 2 + 2 L of clear would do for 6, 1 + 0.7 L of activator for 5.1.
      amount: expect.closeTo(5.1, 9),
      costMinor: 7500,
    });
  });

  test('kits of two sizes, and no tin where they cover all', () => {
    const packs = [pack(1, 2000), pack(5, 8000), pack(1, 1, 'clear'), pack(9, 90000, 'activator')];
    expect(cheapestMix(7, sheet, packs)).toEqual({
      packs: [
        { size: 5, count: 1, part: null },
        { size: 1, count: 2, part: null },
      ],
      amount: expect.closeTo(7, 9),
      costMinor: 12000,
    });
    expect(cheapestMix(0, sheet, packs)).toEqual({ packs: [], amount: 0, costMinor: 0 });
  });

  test('a reducer without a tin is bought apart; a part with solids is not', () => {
    const thinned = { ...sheet, mix: [...sheet.mix, { ...part('reducer', 1, 0.9), volumeSolids: 0 }] };
    const tins = [pack(1, 1000, 'clear'), pack(1, 1500, 'activator')];
    expect(cheapestMix(4, thinned, tins)!.costMinor).toBe(2 * 1000 + 1500);
    expect(cheapestMix(4, thinned, tins.slice(0, 1))).toBeNull();
  });

  test('singles of one part only never replace the other part', () => {
    const choice = cheapestMix(3, sheet, [pack(1.5, 9000), pack(1, 10, 'clear')])!;
    expect(choice.packs).toEqual([{ size: 1.5, count: 2, part: null }]);
  });

  test('never dearer than any handful of kits and tins tried one by one', () => {
    const price = fc.integer({ min: 100, max: 9000 });
    const size = fc.integer({ min: 1, max: 6 });
    fc.assert(
      fc.property(
        fc.tuple(fc.integer({ min: 1, max: 9 }), size, price, size, price, size, price),
        ([need, kit, kitPrice, clear, clearPrice, activator, activatorPrice]) => {
          const packs = [
            pack(kit, kitPrice),
            pack(clear, clearPrice, 'clear'),
            pack(activator, activatorPrice, 'activator'),
          ];
          let least = Infinity;
          for (let k = 0; k <= 9; k += 1)
            for (let c = 0; c <= 6; c += 1)
              for (let a = 0; a <= 3; a += 1) {
                const covers =
                  (k * kit * 2) / 3 + c * clear >= (need * 2) / 3 - 1e-9 &&
                  (k * kit) / 3 + a * activator >= need / 3 - 1e-9;
                if (covers) least = Math.min(least, k * kitPrice + c * clearPrice + a * activatorPrice);
              }
          expect(cheapestMix(need, sheet, packs)!.costMinor).toBe(least);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('whatever is needed is covered, and more never costs less', () => {
    const packs = [pack(1.5, 4300), pack(7.5, 18700), pack(5, 11900, 'clear'), pack(2.5, 8200, 'activator')];
    const litres = fc.double({ min: 0.1, max: 30, noNaN: true });
    fc.assert(
      fc.property(litres, litres, (need, more) => {
        const choice = cheapestMix(need, sheet, packs)!;
        const of = (label: string, share: number) =>
          choice.packs.reduce(
            (sum, one) =>
              sum + one.count * one.size * (one.part === null ? share : one.part === label ? 1 : 0),
            0,
          );
        expect(of('clear', 2 / 3)).toBeGreaterThanOrEqual((need * 2) / 3 - 1e-6);
        expect(of('activator', 1 / 3)).toBeGreaterThanOrEqual(need / 3 - 1e-6);
        expect(cheapestMix(need + more, sheet, packs)!.costMinor).toBeGreaterThanOrEqual(choice.costMinor);
      }),
    );
  });
});

test('one batch for all parts: two sessions of one green pool 5 L net, 5.5 L mixed, 0.275 L held back', () => {
  const roles = new Map([
    ['a\nbase', { role: 'colour' as const, colour: 'green', colourName: '' }],
    ['b\nbase', { role: 'colour' as const, colour: 'green', colourName: '' }],
    ['c\nbase', { role: 'colour' as const, colour: 'barley', colourName: '' }],
    ['a\nclear', { role: 'clear' as const, colour: 'green', colourName: '' }],
  ]);
  const own = (key: string, product: string, netL: number) => ({
    ...session(product, netL, netL),
    session: key,
  });
  const pools = colourPools(
    [own('a', 'base', 2), own('b', 'base', 3), own('c', 'base', 1), own('a', 'clear', 4)],
    roles,
  );
  expect(pools.map((pool) => [pool.colour, pool.netL, pool.sessions])).toEqual([
    ['green', 5, ['a', 'b']],
    ['barley', 1, ['c']],
  ]);
  expect(pools[0]!.mixL).toBeCloseTo(5.5, 9);
  expect(pools[0]!.heldBackL).toBeCloseTo(0.275, 9);
});

test('VOC: 4 L of clear at 420 g/L in two batches are 840 g each and 1.68 kg; over a limit of 400 it says so', () => {
  const voc = vocOf([session('clear-21', 3, 4, 2)], shelf, 400);
  expect(voc.lines[0]).toMatchObject({ gL: 420, batchG: 840, totalG: 1680, over: true });
  expect(voc.totalKg).toBeCloseTo(1.68, 9);
  expect(vocOf([session('clear-21', 3, 4)], shelf, null).lines[0]!.over).toBe(false);
  expect(vocOf([session('clear-21', 3, 4)], shelf, 420).lines[0]!.over).toBe(false);
  // What states no figure, or lies on no shelf, is named and not reckoned.
  expect(vocOf([session('wipes', 1, 1), session('nothing', 1, 1)], shelf, 400)).toEqual({
    lines: [],
    totalKg: 0,
    unknown: ['wipes', 'nothing'],
  });
});

test('waste: 2 L of stripper make 3.2 kg of sludge at 1.90, 0.7 L of two-pack stay over at 2.40, one-part keeps', () => {
  const lines = wasteLines(
    [{ product: 'stripper', amount: 2 }],
    [session('clear-21', 3.3, 4), session('marine-enamel-1k', 1, 2)],
    shelf,
  );
  expect(lines).toEqual([
    { kind: 'mixed-paint', amount: expect.closeTo(0.7, 9) as number, unit: 'L', costMinor: 168 },
    { kind: 'sludge', amount: expect.closeTo(3.2, 9) as number, unit: 'kg', costMinor: 608 },
  ]);
});

test('kit: two painters, a suit and gloves each for the first coat, gloves only for the next; a dust mask each when dry', () => {
  const step = (over: Partial<Step>) =>
    kitOfStep(
      { crew: 2, minutes: 60, cautions: [], coat: null, kind: 'contiguous', operation: 'x', ...over },
      shelf,
    );
  const coat = { product: 'clear-21', coat: 1 } as NonNullable<Step['coat']>;
  expect(step({ coat })).toEqual([
    { product: 'gloves', amount: 2 },
    { product: 'kit-spray', amount: 2 },
  ]);
  expect(step({ coat: { ...coat, coat: 2 } })).toEqual([{ product: 'gloves', amount: 2 }]);
  expect(step({ cautions: ['dust'] })).toEqual([{ product: 'dust-mask', amount: 2 }]);
  expect(step({ cautions: ['dust'], crew: 0 })).toEqual([]);
});

test('a dear disc can be the cheap one: 0.42 on 0.25/m² and 6 min against 0.20 on 0.8/m² and 9 min at 48.00 an hour', () => {
  const trial = (name: string, priceMinorEach: number, used: number, minutes: number) => ({
    id: name,
    purpose: 'P1500 on clear',
    name,
    priceMinorEach,
    used,
    areaM2: 4,
    minutes,
    note: '',
  });
  const [first, second] = trialResults([trial('cheap', 20, 3.2, 36), trial('dear', 42, 1, 24)], 4800);
  // dear: 42 × 0.25 = 10.5 + 6 min × 80 = 490.5; cheap: 16 + 720 = 736 minor units a square metre.
  expect(first).toMatchObject({ name: 'dear', best: true });
  expect(first!.wholeMinorPerM2).toBeCloseTo(490.5, 9);
  expect(second!.wholeMinorPerM2).toBeCloseTo(736, 9);
});

describe('a product that is sold as single tins', () => {
  const sheet = completeSheet({
    ...shelf.get('clear-21')!.coating!,
    mix: [part('base', 2, 1), part('hardener', 1, 1)],
  });
  const tins = [
    { size: 5, priceMinor: 10_000, part: 'base' },
    { size: 1, priceMinor: 2500, part: 'base' },
    { size: 1, priceMinor: 6000, part: 'hardener' },
  ];

  test('costs what its parts cost: two thirds of a base at 20.00 a litre and a third of a hardener at 60.00', () => {
    expect(unitPriceMinor({ packs: tins, coating: sheet })).toBeCloseTo((2000 * 2 + 6000) / 3, 6);
  });

  test('a cheaper kit counts; without a tin of a part that holds solids there is no price', () => {
    const kit = { size: 1.5, priceMinor: 3000, part: null };
    expect(unitPriceMinor({ packs: [...tins, kit], coating: sheet })).toBe(2000);
    expect(unitPriceMinor({ packs: tins.slice(0, 2), coating: sheet })).toBe(0);
  });
});

describe('a pot in air that the sheet does not allow', () => {
  const base = shelf.get('clear-21')!.coating!;
  const sheet = { ...base, potLifeMin: 120, sheetC: 20, morePoints: [], minAirC: 15, maxAirC: 30 };
  const card = (airC: number) => batchCards('clear-21', sheet, { readyL: 1, batches: 1 }, 0, airC)[0]!.deadAt;

  test('dies: at 35 °C after 120 / 2^1.5 = 42 min, at 5 °C no later than the sheet says', () => {
    expect(card(20)).toBe(120);
    expect(card(30)).toBe(60);
    expect(card(35)).toBe(42);
    expect(card(5)).toBe(120);
  });
});
