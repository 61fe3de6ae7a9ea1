import fc from 'fast-check';
import {
  intersectStretches,
  joinStretches,
  minutesWithin,
  subtractStretches,
  type Stretch,
} from './stretches';

const lists = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 0, max: 15 })), { maxLength: 8 })
  .map((pairs) => joinStretches(pairs.map(([from, length]) => ({ from, to: from + length }))));

/** The same set of minutes written out one by one: the independent model these functions are held against. */
const minutesOf = (list: Stretch[]) =>
  new Set(list.flatMap((one) => Array.from({ length: one.to - one.from }, (_, i) => one.from + i)));
const sorted = (set: Iterable<number>) => [...set].sort((a, b) => a - b);

describe('stretches of time are sets of minutes', () => {
  test('joining keeps every minute and leaves no two that touch', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(60), fc.nat(9)), { maxLength: 9 }), (pairs) => {
        const raw = pairs.map(([from, length]) => ({ from, to: from + length }));
        const joined = joinStretches(raw);
        expect(sorted(minutesOf(joined))).toEqual(sorted(minutesOf(raw)));
        joined.slice(1).forEach((one, i) => expect(one.from).toBeGreaterThan(joined[i]!.to));
      }),
    );
  });

  test('intersection, difference and counting agree with sets of minutes', () => {
    fc.assert(
      fc.property(lists, lists, fc.nat(100), fc.nat(40), (a, b, from, length) => {
        const [setA, setB] = [minutesOf(a), minutesOf(b)];
        expect(sorted(minutesOf(intersectStretches(a, b)))).toEqual(
          sorted([...setA].filter((m) => setB.has(m))),
        );
        expect(sorted(minutesOf(subtractStretches(a, b)))).toEqual(
          sorted([...setA].filter((m) => !setB.has(m))),
        );
        const inside = [...setA].filter((m) => m >= from && m < from + length).length;
        expect(minutesWithin(a, from, from + length)).toBe(inside);
      }),
    );
  });
});
