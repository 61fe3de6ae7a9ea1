import { correlation, rankOf, ranks, spreadOf } from './spread';

test('nearest rank: of ten values half are not above the fifth, eight not above the eighth', () => {
  const values = [70, 20, 100, 10, 50, 30, 90, 40, 80, 60];
  expect(spreadOf(values)).toEqual({ p50: 50, p80: 80, p95: 100 });
  expect(rankOf([5], 0.8)).toBe(5);
});

test('equal values share the middle of their ranks', () => {
  expect([...ranks([30, 10, 20, 20])]).toEqual([4, 1, 2.5, 2.5]);
});

test('Spearman’s ρ of the textbook pair of intelligence and television hours is −29/165', () => {
  const iq = [106, 100, 86, 101, 99, 103, 97, 113, 112, 110];
  const hours = [7, 27, 2, 50, 28, 29, 20, 12, 6, 17];
  expect(correlation(ranks(iq), ranks(hours))).toBeCloseTo(-29 / 165, 10);
});

test('what does not vary goes with nothing', () => {
  expect(correlation(ranks([4, 4, 4]), ranks([1, 2, 3]))).toBe(0);
});

test('two equal values at the end share as two in the middle do', () => {
  expect([...ranks([1, 7, 7])]).toEqual([1, 2.5, 2.5]);
  expect([...ranks([])]).toEqual([]);
  expect([...ranks([5, 5, 1, 5])]).toEqual([3, 3, 1, 3]);
});

test('the same order goes wholly together, the turned one wholly against', () => {
  expect(correlation([1, 2, 3, 4], [1, 2, 3, 4])).toBeCloseTo(1, 12);
  expect(correlation([1, 2, 3, 4], [4, 3, 2, 1])).toBeCloseTo(-1, 12);
  expect(correlation([1, 2, 3], [2, 2, 2])).toBe(0);
});
