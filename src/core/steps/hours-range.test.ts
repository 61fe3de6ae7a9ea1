import { hoursRange } from './hours-range';

const step = (minutes: number, done = false) => ({ minutes, done });
const rounded = (range: ReturnType<typeof hoursRange>) =>
  [range.lowMin, range.likelyMin, range.highMin].map(Math.round);

test('one step of 100 min: 100 × e^∓0.5126 = 60, 100, 167', () => {
  expect(rounded(hoursRange([step(100)]))).toEqual([60, 100, 167]);
});

test('two of 100 min: mean 100 × e^0.08 each, variance 100² × (e^0.16 − 1) e^0.16 each', () => {
  // 216.66 ∓ 1.2816 × √2 × 100 × √(0.17351 × 1.17351) = 216.66 ∓ 81.78
  expect(rounded(hoursRange([step(100), step(100)]))).toEqual([135, 200, 298]);
});

test('the more steps, the narrower the range for its size; what is done has none', () => {
  const wide = (n: number) => {
    const { lowMin, highMin, likelyMin } = hoursRange(Array.from({ length: n }, () => step(60)));
    return (highMin - lowMin) / likelyMin;
  };
  expect(wide(4)).toBeLessThan(wide(2));
  expect(wide(100)).toBeLessThan(wide(4));
  expect(rounded(hoursRange([step(90, true)]))).toEqual([90, 90, 90]);
  expect(rounded(hoursRange([step(90, true), step(100)]))).toEqual([150, 190, 257]);
});
