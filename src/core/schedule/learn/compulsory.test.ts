import fc from 'fast-check';
import { CompulsoryParts, type Task } from './compulsory';
import type { Kernel } from './kernel';

/** A kernel as far as bounds go: start variables with an earliest and a latest value. */
const bounds = (starts: [earliest: number, latest: number][]): Kernel =>
  ({ low: Float64Array.from(starts.flatMap(([earliest, latest]) => [earliest, -latest])) }) as Kernel;
const task = (start: number, length: number, amount: number): Task => ({
  start,
  end: start,
  endPlus: length,
  amount,
  whenHalf: -1,
  whenValue: 0,
});
const pieces = (parts: CompulsoryParts) =>
  Array.from({ length: parts.pieces }, (_, k) => [parts.at[k], parts.use[k]]);

describe('what must be running whatever is decided, worked by hand', () => {
  const tasks = [task(0, 10, 2), task(1, 4, 1), task(2, 6, 3)];

  test('a task with less slack than length has a part from its latest start to its earliest end', () => {
    const parts = new CompulsoryParts(tasks);
    // 0: 3–7 + 10 → [7, 13); 1: 0–8 + 4 → none; 2: fixed at 10 → [10, 16).
    expect(
      parts.read(
        bounds([
          [3, 7],
          [0, 8],
          [10, 10],
        ]),
      ),
    ).toBe(true);
    expect([...parts.from]).toEqual([7, Infinity, 10]);
    expect(pieces(parts)).toEqual([
      [7, 2],
      [10, 5],
      [13, 3],
      [16, 0],
    ]);
    expect(parts.full).toBe(5);
    expect([6, 7, 12, 13, 99].map((minute) => parts.pieceAt(minute))).toEqual([0, 0, 1, 2, 3]);
  });

  test('a second reading says within which minutes something changed, or that nothing did', () => {
    const parts = new CompulsoryParts(tasks);
    parts.read(
      bounds([
        [3, 7],
        [0, 8],
        [10, 10],
      ]),
    );
    expect(
      parts.read(
        bounds([
          [3, 7],
          [2, 8],
          [10, 10],
        ]),
      ),
    ).toBe(false);
    // Task 1 comes to be fixed at 8: its part [8, 12) is new.
    expect(
      parts.read(
        bounds([
          [3, 7],
          [8, 8],
          [10, 10],
        ]),
      ),
    ).toBe(true);
    expect([parts.changedFrom, parts.changedTo]).toEqual([8, 12]);
    // Taken back, the same minutes have changed again.
    expect(
      parts.read(
        bounds([
          [3, 7],
          [2, 8],
          [10, 10],
        ]),
      ),
    ).toBe(true);
    expect([parts.changedFrom, parts.changedTo]).toEqual([8, 12]);
    expect(pieces(parts)).toEqual([
      [7, 2],
      [10, 5],
      [13, 3],
      [16, 0],
    ]);
  });

  test('a task that is not there yet has no part', () => {
    // Variable 1 says whether it is there: 0 … 1.
    const parts = new CompulsoryParts([{ ...task(0, 5, 1), whenHalf: 2, whenValue: 1 }]);
    parts.read(
      bounds([
        [4, 4],
        [0, 1],
      ]),
    );
    expect(parts.pieces).toBe(0);
    parts.read(
      bounds([
        [4, 4],
        [1, 1],
      ]),
    );
    expect(pieces(parts)).toEqual([
      [4, 1],
      [9, 0],
    ]);
  });
});

test('short spans summed by minute and long ones by event give what counting minute by minute gives', () => {
  const cases = fc.array(
    fc.record({
      start: fc.integer({ min: 0, max: 30 }),
      slack: fc.integer({ min: 0, max: 6 }),
      length: fc.integer({ min: 1, max: 9 }),
      amount: fc.integer({ min: 1, max: 3 }),
    }),
    { minLength: 1, maxLength: 8 },
  );
  fc.assert(
    fc.property(cases, fc.constantFrom(1, 1000), (drawn, stretch) => {
      // Stretched a thousandfold the spans are too long for a sum of every minute.
      const tasks = drawn.map((one, i) => task(i, one.length * stretch, one.amount));
      const parts = new CompulsoryParts(tasks);
      parts.read(bounds(drawn.map((one) => [one.start * stretch, (one.start + one.slack) * stretch])));
      for (let minute = 0; minute < 50; minute += 1) {
        const at = minute * stretch;
        const running = drawn.filter(
          (one) => one.start + one.slack <= minute && minute < one.start + one.length,
        );
        const known = parts.pieces > 0 && parts.at[0]! <= at ? parts.use[parts.pieceAt(at)] : 0;
        expect(known).toBe(running.reduce((sum, one) => sum + one.amount, 0));
      }
    }),
  );
});
