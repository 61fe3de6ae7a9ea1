import fc from 'fast-check';
import { clearBudget, usualFilmFigures } from './clear-budget';
import { ladders, type LadderStep } from './ladder';
import { coatLitres, dryFilmUm, mixedVolumeSolids, spreadingRateM2PerL } from './spreading';
import { dewPointC } from './climate';
import { closingAt, waitAcross, waitingAt } from './time-at-temperature';

const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('litres', () => {
  test('20 m² of 30 µm at 42 % solids and 65 % transfer: 0.6 / 0.273 = 2.1978 L', () => {
    expect(coatLitres(20, 30, 0.42, 0.65)).toBeCloseTo(2.197802, 6);
  });

  test('4:1:1 of 0.54, 0.48 and reducer: (2.16 + 0.48) / 6 = 0.44', () => {
    const mix = [
      { label: 'base', parts: 4, volumeSolids: 0.54 },
      { label: 'activator', parts: 1, volumeSolids: 0.48 },
      { label: 'reducer', parts: 1, volumeSolids: 0 },
    ];
    expect(mixedVolumeSolids(mix)).toBeCloseTo(0.44, 12);
  });

  test('more area never needs less, and litres × rate × transfer give the area back', () => {
    const inputs = fc.tuple(figure(0, 200), figure(0, 50), figure(5, 200), figure(0.05, 1), figure(0.3, 1));
    fc.assert(
      fc.property(inputs, ([area, more, dryUm, solids, transfer]) => {
        const litres = coatLitres(area, dryUm, solids, transfer);
        expect(coatLitres(area + more, dryUm, solids, transfer)).toBeGreaterThanOrEqual(litres);
        expect(litres * transfer * spreadingRateM2PerL(solids, dryUm)).toBeCloseTo(area, 6);
      }),
    );
  });

  test('solids of a mix lie between the least and the most of its parts, and dry film is never thicker than wet', () => {
    const parts = fc.array(fc.record({ parts: figure(0.1, 10), volumeSolids: figure(0, 1) }), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(parts, figure(0, 400), (list, wetUm) => {
        const solids = mixedVolumeSolids(list);
        const own = list.map((one) => one.volumeSolids);
        expect(solids).toBeGreaterThanOrEqual(Math.min(...own) - 1e-9);
        expect(solids).toBeLessThanOrEqual(Math.max(...own) + 1e-9);
        expect(dryFilmUm(wetUm, solids)).toBeLessThanOrEqual(wetUm + 1e-9);
      }),
    );
  });
});

describe('times at temperature', () => {
  const sheet = { sheetC: 20, minAirC: 10, maxAirC: 35 };

  test('a warmer day never lengthens a flash nor a window', () => {
    fc.assert(
      fc.property(figure(10, 35), figure(10, 35), fc.integer({ min: 1, max: 5000 }), (a, b, minutes) => {
        const [cold, warm] = [Math.min(a, b), Math.max(a, b)];
        const timed = { ...sheet, flashMin: minutes, recoatMaxMin: minutes };
        const [slow, quick] = [cold, warm].map((airC) => waitingAt(timed, 'flashMin', airC)!);
        expect(quick).toBeLessThanOrEqual(slow!);
        const [open, shut] = [cold, warm].map((airC) => closingAt(timed, 'recoatMaxMin', airC)!);
        expect(shut).toBeLessThanOrEqual(open!);
        // What no sheet promised is never granted.
        expect(open).toBeLessThanOrEqual(minutes);
      }),
    );
  });

  test('flash of 15 min: 30 at 10 °C, 15 at 20 °C, 7.5 and so 8 at 30 °C; the limits themselves still count', () => {
    const timed = { ...sheet, flashMin: 15 };
    expect([10, 20, 30].map((airC) => waitingAt(timed, 'flashMin', airC))).toEqual([30, 15, 8]);
    expect(waitingAt(timed, 'flashMin', 35)).not.toBeNull();
    expect(waitingAt(timed, 'flashMin', 35.1)).toBeNull();
  });

  test('in air of one temperature a wait across stretches is the plain wait, and a colder night never shortens it', () => {
    const whole = fc.integer({ min: 1, max: 5000 });
    fc.assert(
      fc.property(figure(10, 35), figure(10, 35), whole, whole, (a, b, minutes, until) => {
        const timed = { ...sheet, flashMin: minutes };
        const even = [
          { untilMin: until, airC: a },
          { untilMin: until + 60, airC: a },
        ];
        const plain = waitingAt(timed, 'flashMin', a)!;
        expect(Math.abs(waitAcross(timed, 'flashMin', 0, even)! - plain)).toBeLessThanOrEqual(1);
        const cold = even.map((one, i) => (i === 0 ? one : { ...one, airC: Math.min(a, b) }));
        expect(waitAcross(timed, 'flashMin', 0, cold)!).toBeGreaterThanOrEqual(plain - 1);
      }),
    );
  });

  test('dew point at 18 °C and 65 % is 11.3 °C; dry air has one lower than the air', () => {
    // ln 0.65 = −0.43078; 17.62 × 18 / 261.12 = 1.21461; sum 0.78383; 243.12 × 0.78383 / 16.83617 = 11.319
    expect(dewPointC(18, 65)).toBeCloseTo(11.319, 2);
    fc.assert(
      fc.property(figure(-10, 45), figure(1, 99.9), (air, humidity) => {
        expect(dewPointC(air, humidity)).toBeLessThan(air);
      }),
    );
  });
});

/** The clear budget told in another way: tries whole coats upward and every taping, straight from its conditions. */
function leastCoats(steps: readonly LadderStep[], coatUm: number, minimum: number) {
  const { residualUm, edgeResidualUm, edgeShare, secondLookUm, textureUm } = usualFilmFigures;
  const first = steps[0]!;
  const levels = typeof first.grit === 'number' && first.grit <= 1200;
  const flatLoss =
    (levels ? Math.max(textureUm, first.removalUm) : first.removalUm) +
    steps.slice(1).reduce((sum, one) => sum + one.removalUm, 0);
  let coats = minimum;
  while (coats * coatUm - flatLoss - secondLookUm < residualUm - 1e-9) coats += 1;
  const sanding = steps.filter((one) => typeof one.grit === 'number').length;
  for (let taped = 0; taped <= sanding; taped += 1) {
    const loss = 2 * steps.slice(taped).reduce((sum, one) => sum + one.removalUm, 0);
    if (coats * coatUm * edgeShare - loss >= edgeResidualUm - 1e-9) return { coats, taped };
  }
  for (;;) {
    coats += 1;
    const loss = 2 * steps.slice(sanding).reduce((sum, one) => sum + one.removalUm, 0);
    if (coats * coatUm * edgeShare - loss >= edgeResidualUm - 1e-9) return { coats, taped: sanding };
  }
}

describe('the clear budget', () => {
  const cases = fc.record({
    ladder: fc.constantFrom(ladders.hand, ladders.discs, ladders.light),
    coatUm: fc.integer({ min: 15, max: 70 }),
    levelMinimum: fc.integer({ min: 0, max: 6 }),
    productMinimum: fc.integer({ min: 0, max: 3 }),
  });

  test('agrees with trying every number of coats and every taping', () => {
    fc.assert(
      fc.property(cases, (given) => {
        const found = clearBudget(given);
        const minimum = Math.max(given.levelMinimum, given.productMinimum);
        const expected = leastCoats(given.ladder.steps, given.coatUm, minimum);
        expect(found.coats).toBe(expected.coats);
        expect(found.tapeThrough).toBe(
          expected.taped === 0 ? null : given.ladder.steps[expected.taped - 1]!.grit,
        );
      }),
    );
  });

  test('always leaves the residual on flats and on edges', () => {
    fc.assert(
      fc.property(cases, (given) => {
        const { leftFlatUm, leftEdgeUm } = clearBudget(given);
        expect(leftFlatUm).toBeGreaterThanOrEqual(usualFilmFigures.residualUm - 1e-6);
        expect(leftEdgeUm).toBeGreaterThanOrEqual(usualFilmFigures.edgeResidualUm - 1e-6);
      }),
    );
  });
});

describe('every taping of the worked ladder', () => {
  const removals = [12.5, 8, 5, 2.5, 1.25, 0.65, 2, 0.5, 0.5];

  test.each([
    [0, 6, 95.8],
    [1, 4, 70.8],
    [2, 4, 54.8],
    [3, 3, 44.8],
  ])('taped through %d sanding steps: %d coats, %d µm', (taped, coats, needUm) => {
    const loss = removals.slice(taped).reduce((sum, one) => sum + one, 0);
    expect(30 + 2 * loss).toBeCloseTo(needUm, 9);
    expect(Math.ceil((30 + 2 * loss) / 18)).toBe(coats);
    // The same number, forced on the program: with that level minimum it needs no more tape than this.
    const found = clearBudget({ ladder: ladders.hand, coatUm: 30, levelMinimum: coats, productMinimum: 0 });
    const through =
      found.tapeThrough === null ? 0 : [800, 1000, 1500].indexOf(found.tapeThrough as number) + 1;
    expect(through).toBeLessThanOrEqual(taped);
    expect(found.coats).toBe(coats);
  });
});
