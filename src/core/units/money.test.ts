import { costOfMinutes, toMinor } from './money';

test('exact halves go away from zero, also where binary fractions miss them', () => {
  // 1.005 · 100 is 100.49999999999999 in binary; by hand it is 100.5.
  expect(toMinor(1.005 * 100)).toBe(101);
  expect(toMinor(-1.005 * 100)).toBe(-101);
  // Small amounts are not pulled up by what is allowed to large ones: 0.4999 stays nothing.
  expect(toMinor(0.4999)).toBe(0);
  // A hundred thousand pounds less a hundred thousandth of a penny under the half is within dust of it.
  expect(toMinor(10_000_000.49999)).toBe(10_000_001);
  expect(toMinor(10_000_000.4)).toBe(10_000_000);
  expect(toMinor(2.5)).toBe(3);
  expect(toMinor(-0.4)).toBe(0);
  expect(toMinor(100.499)).toBe(100);
});

test('50 minutes at 33.33 an hour are 27.775, and so 27.78', () => {
  expect(costOfMinutes(50, 3333)).toBe(2778);
  expect(costOfMinutes(1, 30)).toBe(1);
  expect(costOfMinutes(90, 4800)).toBe(7200);
});
