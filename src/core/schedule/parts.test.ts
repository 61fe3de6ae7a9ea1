import fc from 'fast-check';
import { clusterSteps, orderByLinks } from './clusters';
import type { ScheduleProblem } from './problem';
import { Calendar } from './calendar';
import { Profile } from './profile';

const link = (from: string, to: string, max: number | null = null) => ({
  id: `${from}${to}`,
  from,
  to,
  min: 0,
  max,
});
const problem = (ids: string[], holds: ScheduleProblem['holds'] = []): ScheduleProblem => ({
  now: 0,
  resources: [],
  steps: ids.map((id) => ({ id, kind: 'passive', minutes: 1, uses: [], hold: null, notBefore: 0 })),
  links: [],
  holds,
  facts: [],
  commitments: [],
});

describe('clusters', () => {
  test('plain order leaves every step on its own, in order', () => {
    expect(clusterSteps(problem(['a', 'b', 'c']), [link('a', 'b'), link('b', 'c')])).toEqual([
      ['a'],
      ['b'],
      ['c'],
    ]);
  });

  test('a closing window ties its two steps and what lies between them', () => {
    const clusters = clusterSteps(problem(['a', 'x', 'b', 'z']), [
      link('a', 'x'),
      link('x', 'b'),
      link('a', 'b', 60),
      link('b', 'z'),
    ]);
    expect(clusters.map((one) => [...one].sort())).toEqual([['a', 'b', 'x'], ['z']]);
  });

  test('a hold ties its first and last step and all between', () => {
    const hold = { id: 'h', anyOf: ['booth'], from: 'a', to: 'c' };
    const clusters = clusterSteps(problem(['a', 'b', 'c', 'd'], [hold]), [
      link('a', 'b'),
      link('b', 'c'),
      link('c', 'd'),
    ]);
    expect(clusters.map((one) => one.length)).toEqual([3, 1]);
  });
});

describe('order by links', () => {
  test('keeps the given order where links leave it free', () => {
    expect(orderByLinks(['c', 'a', 'b'], [link('b', 'a')])).toEqual(['c', 'b', 'a']);
  });

  test('a cycle is our bug and throws', () => {
    expect(() => orderByLinks(['a', 'b'], [link('a', 'b'), link('b', 'a')])).toThrow(/cycle/);
  });
});

describe('demand over time', () => {
  test('rooms lie between bookings; what touches does not clash', () => {
    const profile = new Profile();
    profile.add(10, 20, 1);
    profile.add(30, 40, 1);
    expect(profile.blockedUntil(20, 30, 0)).toBe(-1);
    expect(profile.blockedUntil(19, 30, 0)).toBe(20);
    expect(profile.blockedUntil(20, 31, 0)).toBe(40);
    expect(profile.blockedUntil(0, 100, 1)).toBe(-1);
  });

  test('what is added and taken back leaves nothing, in any order', () => {
    const parts = fc.array(fc.tuple(fc.nat(50), fc.nat(50), fc.integer({ min: 1, max: 4 })), {
      maxLength: 20,
    });
    fc.assert(
      fc.property(parts, (list) => {
        const profile = new Profile();
        const minutes = new Array<number>(101).fill(0);
        for (const [from, length, amount] of list) {
          profile.add(from, from + length, amount);
          for (let t = from; t < from + length; t += 1) minutes[t]! += amount;
        }
        minutes.forEach((use, t) => expect(profile.use[profile.pieceAt(t)]).toBe(use));
        for (const [from, length, amount] of list) profile.add(from, from + length, -amount);
        expect(profile.length).toBe(1);
      }),
    );
  });
});

describe('hours with running sums, against counting minute by minute', () => {
  const stretches = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 })), {
      minLength: 1,
      maxLength: 8,
    })
    .map((list) => {
      let at = 0;
      return list.map(([gap, length]) => {
        const from = at + gap;
        at = from + length;
        return { from, to: at };
      });
    });

  test('room, end and start agree', () => {
    fc.assert(
      fc.property(
        stretches,
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 1, max: 12 }),
        (list, minute, length) => {
          const hours = new Calendar(list);
          const open = (t: number) => list.some((one) => t >= one.from && t < one.to);
          const runs = (t: number) => Array.from({ length }, (_, i) => open(t + i)).every(Boolean);
          let room = minute;
          while (room < 200 && !runs(room)) room += 1;
          expect(hours.roomFrom(minute, length)).toBe(room === 200 ? Infinity : room);
          let until = minute;
          while (until >= 0 && !runs(until)) until -= 1;
          expect(hours.roomUntil(minute, length)).toBe(until < 0 ? -Infinity : until);
          const counted = Array.from({ length: 200 }, (_, t) => t).filter(open);
          expect(hours.openBefore(minute)).toBe(counted.filter((t) => t < minute).length);
          if (!open(minute)) return;
          const last = counted[counted.indexOf(minute) + length - 1];
          expect(hours.endOf(minute, length)).toBe(last === undefined ? Infinity : last + 1);
          // The first start that ends at `minute` or later.
          const ends = counted.map((t, i) => [t, (counted[i + length - 1] ?? Infinity) + 1] as const);
          const first = ends.find(([, end]) => end >= minute)![0];
          expect(Math.max(hours.startForEnd(minute, length), counted[0]!)).toBe(first);
        },
      ),
    );
  });
});
