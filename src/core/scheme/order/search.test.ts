import fc from 'fast-check';
import type { OrderColour, OrderEdge, OrderPrices, OrderProblem } from './problem';
import { searchOrder } from './search';

/** Prices that can be reckoned in the head: a minute of a person 1, of the booth 1, of waiting nothing. */
const prices: OrderPrices = {
  labourMinorPerMin: 1,
  boothMinorPerMin: 1,
  waitMinorPerMin: 0,
  tapeMinorPerM: 1,
  tapeMinPerM: 2,
  pullMinPerM: 1,
  coverMinorPerM2: 1,
  coverMinPerM2: 3,
  lockMinorPerM2: 10,
  lockMinPerM2: 2,
  groundMinorPerM2: 4,
  groundMinPerM2: 3,
};
const colour = (key: string, areaM2: number, over: Partial<OrderColour> = {}): OrderColour => ({
  key,
  areaM2,
  coats: 2,
  coatsOver: { '': 2 },
  coatMinorPerM2: 6,
  coatMinPerM2: 2,
  coatUm: 15,
  locks: false,
  tapeAfterMin: 120,
  ownTape: null,
  goesPast: true,
  family: null,
  ...over,
});
const problem = (
  colours: OrderColour[],
  edges: OrderEdge[],
  over: Partial<OrderProblem> = {},
): OrderProblem => ({
  colours,
  edges,
  prices,
  locks: { first: null, last: null, together: null, order: null },
  pastLineM: 0.1,
  mostBeneathUm: 200,
  ...over,
});

test('colours that share a clear follow each other: of six orders of three the two that part them are not told', () => {
  const family = { family: 'clear' };
  const three = [colour('side', 10, family), colour('band', 1, family), colour('roof', 8)];
  // Nothing meets, so that no order is dearer than another: whichever come first, side and band are neighbours.
  for (const first of ['side', 'band', 'roof'])
    for (const last of ['side', 'band', 'roof']) {
      if (first === last) continue;
      const found = searchOrder(
        problem(three, [], { locks: { first, last, together: null, order: null } }),
      )!.plans;
      const parted = [first, last].sort().join() === 'band,side';
      expect(found.length > 0).toBe(!parted);
    }
});

describe('a narrow band on a large field, on paper', () => {
  // A coat of a square metre: 6 + 2 × (1 + 1) = 10. The band is 1 m², meets the field along 20 m, is 10 m long.
  const field = colour('field', 10, { coatsOver: { '': 2, band: 2 } });
  const band = colour('band', 1, {
    coatsOver: { '': 2, field: 2 },
    ownTape: { m: 10, minorPerM: 3 },
  });
  const edges = [{ a: 'field', b: 'band', m: 20, effortM: 20 }];
  const [best, second, third] = searchOrder(problem([field, band], edges))!.plans;

  test('band first, past its lines onto the field, then taped by its own width: 3 × 10 and 30 min of work', () => {
    // Band 2 coats × 1 m² × 10 = 20, past 20 m of line 0.1 m wide 2 coats × 2 m² × 10 = 40. Field 2 × 10 × 10 = 200, the
    // band under its own tape: 10 × 3 + 10 × (2 + 1) = 60.
    const bandFirst = 20 + 40 + 200 + 60;
    // Field first, 200, past its lines all over the band: 1 m², 20; then the band 20, the field masked along its edges:
    // tape 20 + 20 × (2 + 1) = 80, cover 10 × (1 + 3) = 40.
    const fieldFirst = 200 + 20 + 20 + 80 + 40;
    // Band first beside a field that is kept free of it, 120 in place of 40; or the field first, the band under its tape.
    const apart = [20 + 120 + 200 + 60, 200 + 60 + 20 + 120];
    expect([best, second, third].map((one) => one!.costMinor)).toEqual([bandFirst, fieldFirst, apart[0]]);
    expect(apart[1]).toBe(apart[0]);
    expect(best!.passes.map((one) => [one.colour, one.over, one.on])).toEqual([
      ['band', ['field'], ''],
      ['field', [], 'band'],
    ]);
    expect(best!.passes[1]!.masked).toEqual([{ colour: 'band', way: 'own-tape' }]);
    expect(best!.passes[1]!.tapeM).toBe(10);
    expect(third!.passes[0]!.keptFree).toHaveLength(1);
    expect(best!.passes.flatMap((one) => one.keptFree)).toEqual([]);
  });

  test('the ridge is what the band put under the field; a field that is kept free has none', () => {
    // 2 × 15 µm of the band lie under 2 × 15 of the field at the line, against 30 beside it.
    expect(best!.ridgeUm).toBe(30);
    expect(third!.ridgeUm).toBe(0);
  });

  test('a band that does not hide the field takes more coats, a ground coat, or comes first', () => {
    const weak = (over: number | null) => ({ ...band, coatsOver: { '': 2, field: over } });
    const cheapest = (own: OrderColour, more: Partial<OrderProblem> = {}) =>
      searchOrder(problem([field, own], edges, more))!.plans[0]!;
    const fieldFirst = { locks: { first: 'field', last: null, together: null, order: null } };
    // 12 coats over the field: 120 for the band, or a ground coat 4 + 3 × 2 = 10 and two coats: 30 in all.
    const shaded = cheapest(weak(12), fieldFirst);
    expect(shaded.costMinor).toBe(220 + 30 + 120);
    expect(shaded.passes[1]).toMatchObject({ ground: true, coats: 2 });
    // Three coats cost 30 as well: then no further product is mixed.
    expect(cheapest(weak(3), fieldFirst).passes[1]).toMatchObject({ ground: false, coats: 3 });
    // No film may lie beneath: the band is never sprayed over.
    expect(cheapest(band, { mostBeneathUm: 10 }).passes.every((one) => one.over.length === 0)).toBe(true);
  });

  test('an effect colour is locked before tape stands on it, the last one is not', () => {
    const metallic = { ...field, locks: true };
    const plans = searchOrder(problem([metallic, band], edges))!.plans;
    for (const { passes } of plans)
      for (const [i, pass] of passes.entries()) expect(pass.locked).toBe(pass.colour === 'field' && i === 0);
  });

  test('what the manager has fixed holds', () => {
    const orders = (locks: OrderProblem['locks']) =>
      searchOrder(problem([field, band], edges, { locks }))!.plans.map((one) =>
        one.passes.map((pass) => pass.colour).join(),
      );
    expect(new Set(orders({ first: 'band', last: null, together: null, order: null }))).toEqual(
      new Set(['band,field']),
    );
    expect(new Set(orders({ first: null, last: 'band', together: null, order: null }))).toEqual(
      new Set(['field,band']),
    );
  });
});

/** Every order, every choice of what is sprayed over, every way to mask, reckoned one by one: shares nothing with the search. */
function everyOrder({ colours, edges, prices: p, locks, mostBeneathUm, pastLineM }: OrderProblem): number[] {
  const best = new Map<string, number>();
  const edge = (a: string, b: string) =>
    edges
      .filter((one) => (one.a === a && one.b === b) || (one.a === b && one.b === a))
      .reduce((sum, one) => ({ m: sum.m + one.m, effortM: sum.effortM + one.effortM }), { m: 0, effortM: 0 });
  const both = p.labourMinorPerMin + p.boothMinorPerMin;
  const go = (done: string[], beneath: Record<string, string>, cost: number, kind: string[]) => {
    const rest = colours.filter((one) => !done.includes(one.key));
    if (rest.length === 0) {
      if (locks.order !== null && done.join() !== locks.order.join()) return;
      const [one, other] = (locks.together ?? []).map((key) => done.indexOf(key));
      if (one !== undefined && other !== undefined && Math.abs(one - other) !== 1) return;
      const name = [...kind].sort().join(' & ');
      best.set(name, Math.min(best.get(name) ?? Infinity, cost));
      return;
    }
    for (const own of rest) {
      if (locks.first !== null && done.length === 0 && own.key !== locks.first) continue;
      if (locks.last !== null && rest.length > 1 && own.key === locks.last) continue;
      const others = rest.filter((one) => one !== own);
      const later = own.goesPast ? others.filter((one) => edge(own.key, one.key).m > 0) : [];
      for (let bits = 0; bits < 2 ** later.length; bits += 1) {
        const hit = later.filter((_, i) => Math.floor(bits / 2 ** i) % 2 === 1);
        const kept = own.goesPast ? later.filter((one) => !hit.includes(one)) : others;
        const masked = colours.filter((one) => done.includes(one.key) || kept.includes(one));
        const on = beneath[own.key] ?? '';
        const under = colours.find((one) => one.key === on);
        if (under && under.coats * under.coatUm > mostBeneathUm) continue;
        const hides = own.coatsOver[on] ?? null;
        const shaded = on === '' ? null : (own.coatsOver[''] ?? null);
        const price = own.coatMinorPerM2 + own.coatMinPerM2 * both;
        const shade = p.groundMinorPerM2 + p.groundMinPerM2 * both;
        const ways: [number, string][] = [];
        if (hides !== null) ways.push([Math.max(own.coats, hides) * price * own.areaM2, '']);
        if (shaded !== null)
          ways.push([(Math.max(own.coats, shaded) * price + shade) * own.areaM2, 'ground']);
        if (ways.length === 0) continue;
        const [paint, how] = ways.reduce((a, b) => (b[0] < a[0] ? b : a));
        let sum = paint;
        for (const one of hit) {
          const strip = edge(own.key, one.key).m * pastLineM;
          sum += own.coats * price * (strip < one.areaM2 ? strip : one.areaM2);
        }
        if (own.locks && rest.length > 1) sum += own.areaM2 * (p.lockMinorPerM2 + p.lockMinPerM2 * both);
        const before = done.at(-1);
        if (before !== undefined)
          sum += colours.find((one) => one.key === before)!.tapeAfterMin * p.waitMinorPerMin;
        const words: string[] = [];
        for (const one of masked) {
          const { m, effortM: effort } = edge(own.key, one.key);
          const byEdges =
            m * p.tapeMinorPerM +
            one.areaM2 * p.coverMinorPerM2 +
            p.labourMinorPerMin * (effort * p.tapeMinPerM + m * p.pullMinPerM + one.areaM2 * p.coverMinPerM2);
          const tape = one.ownTape;
          const byOwn =
            tape && m > 0
              ? tape.m * (tape.minorPerM + p.labourMinorPerMin * (p.tapeMinPerM + p.pullMinPerM))
              : Infinity;
          sum += Math.min(byEdges, byOwn);
          if (edge(own.key, one.key).m > 0)
            words.push(
              `${done.includes(one.key) ? 'stands' : 'waits'} ${one.key} ${byOwn < byEdges ? 'own' : 'edges'}`,
            );
        }
        const told = [...words, ...hit.map((one) => `over ${one.key}`), how].sort().join();
        const next = { ...beneath };
        for (const one of hit) next[one.key] = own.key;
        go([...done, own.key], next, cost + sum, [...kind, `${own.key}: ${told}`]);
      }
    }
  };
  go([], {}, 0, []);
  return [...best.values()].sort((a, b) => a - b).slice(0, 3);
}

const money = (most: number) => fc.integer({ min: 0, max: most });
const randomProblem = (count: number): fc.Arbitrary<OrderProblem> => {
  const keys = Array.from({ length: count }, (_, i) => `c${i}`);
  const grounds = ['', ...keys];
  const one = (key: string): fc.Arbitrary<OrderColour> =>
    fc.record({
      key: fc.constant(key),
      areaM2: fc.integer({ min: 1, max: 12 }),
      coats: fc.integer({ min: 1, max: 4 }),
      coatsOver: fc
        .tuple(...grounds.map(() => fc.option(fc.integer({ min: 1, max: 8 }), { freq: 4 })))
        .map((list) =>
          Object.fromEntries(grounds.map((ground, i) => [ground, ground === '' ? 2 : list[i]!])),
        ),
      coatMinorPerM2: money(9),
      coatMinPerM2: money(4),
      coatUm: fc.integer({ min: 8, max: 30 }),
      locks: fc.boolean(),
      tapeAfterMin: money(600),
      ownTape: fc.option(fc.record({ m: fc.integer({ min: 1, max: 9 }), minorPerM: money(5) })),
      goesPast: fc.constantFrom(true, true, true, false),
      family: fc.constant(null),
    });
  const pairs = keys.flatMap((a, i) => keys.slice(i + 1).map((b) => [a, b] as const));
  return fc.record({
    colours: fc.tuple(...keys.map(one)),
    edges: fc
      .array(fc.record({ pair: fc.constantFrom(...pairs), m: fc.integer({ min: 1, max: 30 }) }), {
        maxLength: 6,
      })
      .map((list) => list.map(({ pair: [a, b], m }) => ({ a, b, m, effortM: m * 1.5 }))),
    prices: fc.constant({ ...prices, waitMinorPerMin: 0.05 }),
    locks: fc.record({
      first: fc.constantFrom(null, null, 'c0'),
      last: fc.constantFrom(null, null, 'c1'),
      together: fc.constantFrom(null, null, ...(count > 2 ? [['c1', 'c2'] as const] : [])),
      order: fc.constantFrom(null, null, null, [...keys].reverse()),
    }),
    pastLineM: fc.constantFrom(0.05, 0.1, 0.3),
    mostBeneathUm: fc.constantFrom(25, 60, 200),
  });
};

test.each([
  [2, 20],
  [3, 20],
  [4, 16],
  [5, 4],
])('of %i colours the best three kinds cost what trying every order finds', (count, runs) => {
  fc.assert(
    fc.property(randomProblem(count), (given) => {
      const found = searchOrder(given)!;
      const tried = everyOrder(given);
      expect(found.exact).toBe(true);
      expect(found.plans.length).toBe(tried.length);
      found.plans.forEach((plan, i) => expect(plan.costMinor).toBeCloseTo(tried[i]!, 6));
    }),
    { numRuns: runs, seed: 14, endOnFailure: true },
  );
});

test('nine colours are followed by their best states, and nothing cheaper than the bound is promised', () => {
  const [given] = fc.sample(randomProblem(9), { numRuns: 1, seed: 3 });
  const found = searchOrder({ ...given!, locks: { first: null, last: null, together: null, order: null } })!;
  expect(found.plans[0]!.costMinor).toBeGreaterThanOrEqual(found.boundMinor - 1e-6);
  expect(found.plans[0]!.passes.length).toBe(9);
});

test('two colours that are to follow each other do, whichever of them comes first', () => {
  const four = ['a', 'b', 'c', 'd'].map((key) => colour(key, 5));
  const found = searchOrder(
    problem(four, [], { locks: { first: 'c', last: null, together: ['a', 'd'], order: null } }),
  )!;
  expect(found.plans.length).toBeGreaterThan(0);
  for (const { passes } of found.plans) {
    const keys = passes.map((one) => one.colour);
    expect(Math.abs(keys.indexOf('a') - keys.indexOf('d'))).toBe(1);
    expect(keys[0]).toBe('c');
  }
  // First and last of four cannot be neighbours.
  const torn = { first: 'a', last: 'd', together: ['a', 'd'] as const, order: null };
  expect(searchOrder(problem(four, [], { locks: torn }))!.plans).toEqual([]);
});

test('a search that is stopped gives nothing', () => {
  const [given] = fc.sample(randomProblem(4), { numRuns: 1, seed: 3 });
  expect(searchOrder(given!, (share) => share > 0.3)).toBeNull();
});
