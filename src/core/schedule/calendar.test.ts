import { Calendar, layOut, together } from './calendar';
import type { Stretch } from './stretches';

/** The same questions answered minute by minute, without any of the sums and bisections. */
function minuteByMinute(stretches: readonly Stretch[]) {
  const stretchOf = (t: number) => stretches.find(({ from, to }) => from <= t && t < to);
  const isOpen = (t: number) => stretchOf(t) !== undefined;
  const open = Array.from({ length: 90 }, (_, i) => i - 10).filter(isOpen);
  const fits = (t: number, n: number) => stretchOf(t)!.to - t >= n;
  return {
    isOpen,
    openFrom: (t: number) => open.find((one) => one >= t) ?? Infinity,
    roomFrom: (t: number, n: number) => open.find((one) => one >= t && fits(one, n)) ?? Infinity,
    roomUntil: (t: number, n: number) => open.findLast((one) => one <= t && fits(one, n)) ?? -Infinity,
    openBefore: (t: number) => open.filter((one) => one < t).length,
    openBetween: (from: number, to: number) => open.filter((one) => one >= from && one < to).length,
    endOf: (start: number, n: number) => {
      const worked = open.filter((one) => one >= start).slice(0, n);
      return worked.length < n ? Infinity : worked.at(-1)! + 1;
    },
  };
}

const sets: Stretch[][] = [
  [],
  [{ from: 10, to: 20 }],
  [
    { from: 10, to: 20 },
    { from: 30, to: 50 },
    { from: 60, to: 61 },
  ],
  [
    { from: 0, to: 1 },
    { from: 2, to: 3 },
    { from: 4, to: 12 },
    { from: 40, to: 70 },
  ],
];

describe.each(sets.map((stretches) => ({ stretches, many: stretches.length })))(
  '$many stretches',
  ({ stretches }) => {
    const calendar = new Calendar(stretches);
    const plain = minuteByMinute(stretches);
    const at = Array.from({ length: 90 }, (_, i) => i - 10);
    // Downwards too: what was answered last must not change what is answered next.
    const anyOrder = [...at, ...at.toReversed(), 35, -9, 79, 10, 61, 0];

    test('the next open minute, the open ones before and between', () => {
      expect(anyOrder.map((t) => calendar.openFrom(t))).toEqual(anyOrder.map((t) => plain.openFrom(t)));
      expect(anyOrder.map((t) => calendar.openBefore(t))).toEqual(anyOrder.map((t) => plain.openBefore(t)));
      for (const t of [-10, 5, 15, 30, 49, 61])
        expect(at.map((to) => calendar.openBetween(t, to))).toEqual(at.map((to) => plain.openBetween(t, to)));
    });

    test.each([1, 2, 9, 10, 11, 20, 21])(
      'room for %i unbroken minutes, looked for forwards and backwards',
      (n) => {
        expect(anyOrder.map((t) => calendar.roomFrom(t, n))).toEqual(
          anyOrder.map((t) => plain.roomFrom(t, n)),
        );
        expect(anyOrder.map((t) => calendar.roomUntil(t, n))).toEqual(
          anyOrder.map((t) => plain.roomUntil(t, n)),
        );
      },
    );

    test.each([1, 2, 9, 10, 11, 30, 31, 32])(
      '%i minutes of work from any open minute end where counting ends',
      (n) => {
        const starts = anyOrder.filter((t) => plain.isOpen(t));
        expect(starts.map((t) => calendar.endOf(t, n))).toEqual(starts.map((t) => plain.endOf(t, n)));
      },
    );

    test.each([1, 2, 9, 11, 25])(
      '%i minutes that end at a minute or later begin where counting back begins',
      (n) => {
        const open = at.filter((t) => plain.isOpen(t));
        for (const end of at) {
          const early = open.filter((t) => plain.endOf(t, n) >= end);
          const all = early.length === open.length;
          expect([end, calendar.startForEnd(end, n)]).toEqual([
            end,
            all ? -Infinity : (early[0] ?? Infinity),
          ]);
        }
      },
    );

    test('with time running backwards, what is open at t is open at −t − 1', () => {
      const mirror = new Calendar(calendar.mirrored().stretches());
      expect(at.filter((t) => mirror.openFrom(-t - 1) === -t - 1)).toEqual(at.filter((t) => plain.isOpen(t)));
    });
  },
);

describe('laid out', () => {
  const week = (closed: [number, number][] = []) => ({
    id: 'c',
    repeatMinutes: 10,
    open: [[1, 3] as [number, number], [5, 6] as [number, number]],
    closed,
  });

  test('what repeats every ten minutes, between two minutes and no further', () => {
    expect(layOut(week(), -4, 22).stretches()).toEqual([
      { from: 1, to: 3 },
      { from: 5, to: 6 },
      { from: 11, to: 13 },
      { from: 15, to: 16 },
      { from: 21, to: 22 },
    ]);
  });

  test('closed minutes are taken out, those that do not repeat stand once', () => {
    expect(layOut(week([[2, 12]]), 0, 20).stretches()).toEqual([
      { from: 1, to: 2 },
      { from: 12, to: 13 },
      { from: 15, to: 16 },
    ]);
    expect(layOut({ ...week(), repeatMinutes: null }, 0, 100).stretches()).toEqual([
      { from: 1, to: 3 },
      { from: 5, to: 6 },
    ]);
  });

  test('one that never opens is never open, and one without end is refused', () => {
    expect(layOut({ ...week(), open: [] }, 0, 100).count).toBe(0);
    expect(() => layOut(week(), 0, 1e8)).toThrow(RangeError);
  });

  test('together only what all have open', () => {
    const a = new Calendar([
      { from: 0, to: 10 },
      { from: 20, to: 30 },
    ]);
    const b = new Calendar([{ from: 5, to: 25 }]);
    const c = new Calendar([{ from: 6, to: 100 }]);
    expect(together([a, b, c]).stretches()).toEqual([
      { from: 6, to: 10 },
      { from: 20, to: 25 },
    ]);
    expect(together([a]).stretches()).toEqual(a.stretches());
  });
});

describe('a calendar that repeats', () => {
  const repeated = (open: [number, number][], repeatMinutes: number, lo: number, hi: number) =>
    layOut({ id: 'c', repeatMinutes, open, closed: [] }, lo, hi);

  test('keeps what reaches into its first minute from the turn before, and stops at its last', () => {
    // 80–95 of every hundred: from 190 on, 190–195 is left of one turn, and 280–290 is there of another.
    expect(repeated([[80, 95]], 100, 190, 290).stretches()).toEqual([
      { from: 190, to: 195 },
      { from: 280, to: 290 },
    ]);
  });

  test('counts the open minutes before each stretch', () => {
    const calendar = new Calendar([
      { from: 10, to: 20 },
      { from: 30, to: 50 },
      { from: 60, to: 61 },
    ]);
    expect([...calendar.before]).toEqual([0, 10, 30, 31]);
  });

  test('lays out a week of shifts over two years of this century without a turn too many', () => {
    const lo = 29_400_000;
    const week = 10_080;
    const calendar = repeated(
      [
        [480, 720],
        [780, 1020],
      ],
      week,
      lo,
      lo + 104 * week,
    );
    expect(calendar.count).toBe(208);
    expect(calendar.openBefore(lo + 104 * week)).toBe(104 * 480);
  });

  test.each([
    ['five short stretches in every ten minutes of eight years', 0, 4_000_000],
    ['as many on both sides of the first minute', -2_000_000, 2_000_000],
  ])('%s are too many to keep, and it says so', (_what, lo, hi) => {
    const open = [0, 2, 4, 6, 8].map((from): [number, number] => [from, from + 1]);
    expect(() => repeated(open, 10, lo, hi)).toThrow(new RangeError('the calendar is too long'));
  });
});
