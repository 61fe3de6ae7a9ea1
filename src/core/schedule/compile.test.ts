import fc from 'fast-check';
import { readScheduleProblem } from '../exchange';
import { compile } from './compile';
import { distinctChoices, mostChoices } from './choices';
import { lagCycle } from './lag-cycle';
import { orderByKey } from './list-order';
import type { ScheduleModel } from './model';
import { problemOf, solved } from './problem-text.fixture';
import { Random } from './random';
import { randomProblem } from './random-problem.fixture';
import { commonMinutes, inUnitsOf } from './scale';
import { tailsOf } from './value';

const modelOf = (problem: unknown): ScheduleModel => {
  const read = readScheduleProblem(JSON.stringify(problem));
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  return read.value;
};
const step = (id: string, minutes: number) => ({ id, job: 'J', kind: 'contiguous', minutes });
type Lag = { from: number; to: number; lag: number; closing: boolean };
const lags = fc.array(fc.record({ from: fc.nat(4), to: fc.nat(4), lag: fc.nat(8), closing: fc.boolean() }), {
  maxLength: 9,
});
const lengths = fc.array(fc.nat(5), { minLength: 5, maxLength: 5 });
const withLags = (minutes: number[], list: Lag[]) =>
  modelOf(
    problemOf({
      steps: minutes.map((one, i) => step(`s${i}`, one)),
      links: list.map(({ from, to, lag, closing }) => ({
        from: `s${from}`,
        to: `s${to}`,
        type: 'start-start',
        ...(closing ? { max: lag } : { min: lag }),
      })),
    }),
  );

/** Longest ways between starts by Floyd and Warshall; a positive way from a step to itself is a contradiction. */
function longestWays(minutes: number[], list: Lag[]): number[][] {
  const way = minutes.map((_, i) => minutes.map((__, k) => (i === k ? 0 : -Infinity)));
  for (const { from, to, lag, closing } of list) {
    const [a, b, w] = closing ? [to, from, -lag] : [from, to, lag];
    way[a]![b] = Math.max(way[a]![b]!, w);
  }
  for (let k = 0; k < minutes.length; k += 1)
    for (let i = 0; i < minutes.length; i += 1)
      for (let j = 0; j < minutes.length; j += 1)
        way[i]![j] = Math.max(way[i]![j]!, way[i]![k]! + way[k]![j]!);
  return way;
}

describe('lags', () => {
  test('a ring is found exactly where some way leads back above zero, and it is one', () => {
    fc.assert(
      fc.property(lengths, lags, (minutes, list) => {
        const way = longestWays(minutes, list);
        const ring = lagCycle(compile(withLags(minutes, list)));
        expect(ring !== null).toBe(way.some((row, i) => row[i]! > 0));
        if (!ring) return;
        expect(ring.reduce((sum, arc) => sum + arc.lag, 0)).toBeGreaterThan(0);
        ring.forEach((arc, i) => expect(ring[(i + 1) % ring.length]!.from).toBe(arc.to));
      }),
    );
  });

  test('tails are the longest way to the end of all', () => {
    fc.assert(
      fc.property(lengths, lags, (minutes, list) => {
        const way = longestWays(minutes, list);
        fc.pre(way.every((row, i) => row[i]! <= 0));
        const { start } = tailsOf(compile(withLags(minutes, list)), false);
        const expected = way.map((row) => Math.max(...row.map((one, k) => one + minutes[k]!)));
        expect(Array.from(start)).toEqual(expected);
      }),
    );
  });

  test('an order by any keys puts every step after those that a minimum lag puts before it', () => {
    fc.assert(
      fc.property(
        lengths,
        lags,
        fc.array(fc.nat(9), { minLength: 5, maxLength: 5 }),
        (minutes, list, keys) => {
          // Forward only, so that there is such an order.
          const forward = list.filter((one) => one.from < one.to && !one.closing);
          const order = Array.from(orderByKey(compile(withLags(minutes, forward)), [0, 1, 2, 3, 4], keys));
          expect([...order].sort()).toEqual([0, 1, 2, 3, 4]);
          for (const { from, to } of forward) expect(order.indexOf(from)).toBeLessThan(order.indexOf(to));
          if (forward.length === 0)
            expect(order).toEqual([0, 1, 2, 3, 4].sort((a, b) => keys[a]! - keys[b]! || a - b));
        },
      ),
    );
  });
});

describe('units of time', () => {
  test('the common minutes of a problem, worked by hand', () => {
    const calendars = [{ id: 'c', repeatMinutes: 1440, open: [[480, 960]] }];
    const base = { calendars, steps: [step('a', 90), step('b', 45)] };
    expect(commonMinutes(modelOf(problemOf(base)))).toBe(15);
    expect(commonMinutes(modelOf(problemOf({ ...base, now: 10 })))).toBe(5);
    const links = [{ from: 'a', to: 'b', type: 'end-start', min: 1 }];
    expect(commonMinutes(modelOf(problemOf({ ...base, links })))).toBe(1);
    expect(commonMinutes(modelOf(problemOf({ steps: [step('a', 0)] })))).toBe(1);
  });

  test('a problem with every time times seven has the same plan seven times as long', () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const problem = randomProblem(seed, {
        steps: 4,
        length: 6,
        maxLags: 0.3,
        calendars: seed % 2 === 0,
        facts: false,
      });
      const model = modelOf(problem);
      const sevenfold = inUnitsOf(model, 1 / 7);
      expect(commonMinutes(sevenfold)).toBe(7 * commonMinutes(model));
      const text = {
        ...problem,
        now: problem.now * 7,
        calendars: problem.calendars.map(
          (one: { repeatMinutes: number; open: number[][]; closed: number[][] }) => ({
            ...one,
            repeatMinutes: one.repeatMinutes * 7,
            open: one.open.map((pair) => pair.map((minute) => minute * 7)),
            closed: one.closed.map((pair) => pair.map((minute) => minute * 7)),
          }),
        ),
        jobs: sevenfold.jobs,
        steps: problem.steps.map((one: { minutes: number }) => ({ ...one, minutes: one.minutes * 7 })),
        links: problem.links.map(({ min, max, ...one }: { min?: number; max?: number }) => ({
          ...one,
          ...(min === undefined ? {} : { min: min * 7 }),
          ...(max === undefined ? {} : { max: max * 7 }),
        })),
        pinned: problem.pinned.map((one: { start: number }) => ({ ...one, start: one.start * 7 })),
      };
      const [once, seven] = [problem, text].map((one) => solved(one, 'makespan', 20));
      expect(seven!.status).toBe(once!.status);
      if (once!.status === 'plan' && seven!.status === 'plan')
        expect(seven!.solution.figures.makespan).toBe(7 * once!.solution.figures.makespan);
    }
  });
});

describe('ways to serve a step', () => {
  test('all different, all of them, in the order of the lists', () => {
    const { ways, complete } = distinctChoices([[0, 1], [1, 2], [3]]);
    expect(ways.map((one) => Array.from(one))).toEqual([
      [0, 1, 3],
      [0, 2, 3],
      [1, 2, 3],
    ]);
    expect(complete).toBe(true);
    expect(distinctChoices([[4], [4]]).ways).toEqual([]);
    expect(distinctChoices([]).ways).toHaveLength(1);
  });

  test('more than can be laid out are said not to be all', () => {
    const crowd = Array.from({ length: 9 }, (_, i) => i);
    const { ways, complete } = distinctChoices([crowd, crowd, crowd, crowd]);
    expect(ways).toHaveLength(mostChoices);
    expect(complete).toBe(false);
  });
});

test('the generator gives numbers below one, evenly, and the same for the same seed', () => {
  const draw = (seed: number) => {
    const random = new Random(seed);
    return Array.from({ length: 2000 }, () => random.next());
  };
  const first = draw(5);
  expect(draw(5)).toEqual(first);
  expect(draw(6)).not.toEqual(first);
  expect(first.every((one) => one >= 0 && one < 1)).toBe(true);
  const mean = first.reduce((a, b) => a + b, 0) / first.length;
  // Standard error of the mean of 2 000 even draws: 0.0065.
  expect(Math.abs(mean - 0.5)).toBeLessThan(0.03);
});
