import fc from 'fast-check';
import { learnedFactor } from './learned';

describe('a learned factor', () => {
  test('without experience it is 1, with the whole spread among shops', () => {
    expect(learnedFactor([])).toEqual({ factor: 1, days: 0, variance: expect.closeTo(0.35 ** 2, 9) });
  });

  test('four days at a half more: ln 1.5 = 0.405465, κ = 0.16/0.1225 = 1.306122, factor e^(4·0.405465/5.306122)', () => {
    // 1.621860 / 5.306122 = 0.305658; e^0.305658 = 1.357518. Variance 0.0196/(0.16 + 0.49) = 0.030154.
    const { factor, variance, days } = learnedFactor([{ actualMin: 300, plannedMin: 200, days: 4 }]);
    expect(days).toBe(4);
    expect(factor).toBeCloseTo(1.357518, 5);
    expect(variance).toBeCloseTo(0.030154, 5);
  });

  test('one job twice as long and one half as long, a day each, teach nothing', () => {
    const both = [
      { actualMin: 200, plannedMin: 100, days: 1 },
      { actualMin: 50, plannedMin: 100, days: 1 },
    ];
    expect(learnedFactor(both).factor).toBeCloseTo(1, 12);
  });

  test('what was never worked or never planned is left out', () => {
    const none = [
      { actualMin: 0, plannedMin: 100, days: 3 },
      { actualMin: 10, plannedMin: 0, days: 3 },
    ];
    expect(learnedFactor(none)).toMatchObject({ factor: 1, days: 0 });
  });

  test('it lies between 1 and what was seen, and more days bring it nearer', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (days, ratio) => {
          const of = (n: number) =>
            Math.log(learnedFactor([{ actualMin: ratio * 100, plannedMin: 100, days: n }]).factor);
          const seen = Math.log(ratio);
          expect(Math.abs(of(days))).toBeLessThanOrEqual(Math.abs(seen) + 1e-12);
          expect(Math.abs(of(days + 1))).toBeGreaterThanOrEqual(Math.abs(of(days)) - 1e-12);
          expect(Math.sign(of(days)) * Math.sign(seen)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
