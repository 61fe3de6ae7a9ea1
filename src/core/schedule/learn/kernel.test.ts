import fc from 'fast-check';
import { Calendar } from '../calendar';
import { luby } from './exact';
import { Hours } from './hours';
import { Kernel } from './kernel';
import { LatenessLimit } from './lateness';
import type { Task } from './compulsory';
import { Timetable } from './timetable';

/** Values of all variables, or null when the kernel proves that there are none. */
function search(kernel: Kernel): number[] | null {
  if (!kernel.begin()) return null;
  for (;;) {
    if (!kernel.propagate()) {
      if (kernel.level === 0 || !kernel.learn()) return null;
      continue;
    }
    let open = -1;
    for (let v = 0; v < kernel.variables && open < 0; v += 1) if (!kernel.isFixed(v)) open = v;
    if (open < 0) return Array.from({ length: kernel.variables }, (_, v) => kernel.least(v));
    // From the top, so that dead ends are met on the way to what is least.
    kernel.decide(open * 2, kernel.most(open));
  }
}

/** Every assignment of values 0 … most to so many variables. */
function* all(variables: number, most: number): Generator<number[]> {
  const values = new Array<number>(variables).fill(0);
  for (;;) {
    yield [...values];
    let at = 0;
    while (at < variables && values[at] === most) {
      values[at] = 0;
      at += 1;
    }
    if (at === variables) return;
    values[at]! += 1;
  }
}

const most = 4;
const count = 4;
const variable = fc.nat(count - 1);
const fresh = (variables = count, top = most): Kernel => {
  const kernel = new Kernel(variables);
  for (let v = 0; v < variables; v += 1) kernel.setDomain(v, 0, top);
  return kernel;
};

const anyOf = (keeps: (x: readonly number[]) => boolean): boolean => {
  for (const x of all(count, most)) if (keeps(x)) return true;
  return false;
};

/** x[a] ≥ value, or x[a] ≤ value. */
const literal = fc.record({ variable, atLeast: fc.boolean(), value: fc.nat(most) });
type Literal = { variable: number; atLeast: boolean; value: number };
const holds = ({ variable: v, atLeast, value }: Literal, x: readonly number[]) =>
  atLeast ? x[v]! >= value : x[v]! <= value;
const coded = ({ variable: v, atLeast, value }: Literal): number[] =>
  atLeast ? [v * 2, value] : [v * 2 + 1, -value];

const edge = fc.record({ from: variable, to: variable, lag: fc.integer({ min: -most, max: 3 }) });
const edges = fc.array(edge, { maxLength: 5 }).map((list) => list.filter((one) => one.from !== one.to));
const clauses = fc.array(fc.array(literal, { minLength: 1, maxLength: 4 }), { maxLength: 8 });

describe('the kernel against trying everything', () => {
  test('lags and clauses: it finds values that keep all, or none exist', () => {
    fc.assert(
      fc.property(edges, clauses, (lags, rules) => {
        const kernel = fresh();
        for (const { from, to, lag } of lags) kernel.addEdge(from * 2, to * 2, lag);
        const possible = rules.every((rule) => kernel.addClause(rule.flatMap(coded)));
        const keeps = (x: readonly number[]) =>
          lags.every(({ from, to, lag }) => x[to]! >= x[from]! + lag) &&
          rules.every((rule) => rule.some((one) => holds(one, x)));
        const found = possible ? search(kernel) : null;
        if (found) expect(keeps(found)).toBe(true);
        else expect(anyOf(keeps)).toBe(false);
      }),
      { numRuns: 300 },
    );
  });

  test('a lag that waits for a truth binds only while it is true', () => {
    fc.assert(
      fc.property(edges, fc.boolean(), (lags, wanted) => {
        const kernel = fresh(count + 1);
        kernel.setDomain(count, 0, 1);
        for (const { from, to, lag } of lags) kernel.addEdge(from * 2, to * 2, lag, count * 2, 1);
        kernel.addClause(wanted ? [count * 2, 1] : [count * 2 + 1, 0]);
        const keeps = (x: readonly number[]) =>
          !wanted || lags.every(({ from, to, lag }) => x[to]! >= x[from]! + lag);
        const found = search(kernel);
        if (found) expect(keeps(found)).toBe(true);
        else expect(anyOf(keeps)).toBe(false);
      }),
    );
  });

  test('a resource: tasks of any length and amount, some of them only if they are there', () => {
    const task = fc.record({
      length: fc.integer({ min: 1, max: 3 }),
      amount: fc.integer({ min: 1, max: 3 }),
    });
    const three = fc.tuple(task, task, task);
    fc.assert(
      fc.property(
        three,
        fc.integer({ min: 3, max: 4 }),
        clauses,
        fc.boolean(),
        (tasks, capacity, rules, optional) => {
          const kernel = fresh();
          if (optional) kernel.setDomain(3, 0, 1);
          const coding: Task[] = tasks.map(({ length, amount }, v) => ({
            start: v,
            end: v,
            endPlus: length,
            amount,
            // The last one is there while variable 3 is at least 1.
            ...(optional && v === 2 ? { whenHalf: 6, whenValue: 1 } : { whenHalf: -1, whenValue: 1 }),
          }));
          new Timetable(coding, capacity).subscribe(kernel);
          const possible = rules.every((rule) => kernel.addClause(rule.flatMap(coded)));
          const keeps = (x: readonly number[]) => {
            if (optional && x[3]! > 1) return false;
            for (let t = 0; t <= most + 3; t += 1) {
              const use = tasks.reduce((sum, { length, amount }, v) => {
                const there = !(optional && v === 2) || x[3] === 1;
                return there && x[v]! <= t && t < x[v]! + length ? sum + amount : sum;
              }, 0);
              if (use > capacity) return false;
            }
            return rules.every((rule) => rule.some((one) => holds(one, x)));
          };
          const found = possible ? search(kernel) : null;
          if (found) expect(keeps(found)).toBe(true);
          else expect(anyOf(keeps)).toBe(false);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('hours: a step that runs through, and one that pauses and ends where its open minutes are used up', () => {
    const top = 14;
    const open = fc.uniqueArray(fc.nat(top), { minLength: 1 }).map((minutes) => new Set(minutes));
    fc.assert(
      fc.property(
        open,
        fc.integer({ min: 1, max: 4 }),
        fc.boolean(),
        fc.nat(top),
        (minutes, length, pauses, last) => {
          const stretches = [...minutes]
            .sort((a, b) => a - b)
            .reduce<{ from: number; to: number }[]>((list, t) => {
              const before = list.at(-1);
              if (before && before.to === t) before.to = t + 1;
              else list.push({ from: t, to: t + 1 });
              return list;
            }, []);
          const kernel = fresh(2, top);
          kernel.setDomain(1, 0, top + 5);
          const way = { calendar: new Calendar(stretches), whenHalf: -1, whenValue: 1 };
          new Hours(0, pauses ? 1 : -1, length, [way]).subscribe(kernel);
          // The start is at most `last`.
          kernel.addClause([1, -last]);
          const ends = (start: number): number | null => {
            if (!minutes.has(start)) return null;
            let left = length;
            for (let t = start; t <= top; t += 1) {
              if (minutes.has(t)) left -= 1;
              else if (!pauses) return null;
              if (left === 0) return t + 1;
            }
            return null;
          };
          const possible = Array.from({ length: last + 1 }, (_, t) => t).filter((t) => ends(t) !== null);
          const found = search(kernel);
          if (possible.length === 0) return expect(found).toBeNull();
          expect(possible).toContain(found![0]);
          if (pauses) expect(found![1]).toBe(ends(found![0]!));
        },
      ),
      { numRuns: 300 },
    );
  });

  test('lateness: weighted minutes past the due dates stay under the limit', () => {
    const term = fc.record({ due: fc.nat(most), weight: fc.integer({ min: 1, max: 3 }) });
    fc.assert(
      fc.property(fc.tuple(term, term), edges, clauses, fc.nat(8), (terms, lags, rules, limit) => {
        const kernel = fresh();
        for (const { from, to, lag } of lags) kernel.addEdge(from * 2, to * 2, lag);
        const bound = new LatenessLimit(terms.map((one, v) => ({ ...one, end: v })));
        bound.limit = limit;
        bound.subscribe(kernel);
        kernel.schedule(bound);
        const possible = rules.every((rule) => kernel.addClause(rule.flatMap(coded)));
        const keeps = (x: readonly number[]) =>
          terms.reduce((sum, { due, weight }, v) => sum + weight * Math.max(0, x[v]! - due), 0) <= limit &&
          lags.every(({ from, to, lag }) => x[to]! >= x[from]! + lag) &&
          rules.every((rule) => rule.some((one) => holds(one, x)));
        const found = possible ? search(kernel) : null;
        if (found) expect(keeps(found)).toBe(true);
        else expect(anyOf(keeps)).toBe(false);
      }),
      { numRuns: 300 },
    );
  });
});

test('Luby’s sequence, as published', () => {
  expect(Array.from({ length: 15 }, (_, i) => luby(i + 1))).toEqual([
    1, 1, 2, 1, 1, 2, 4, 1, 1, 2, 1, 1, 2, 4, 8,
  ]);
});
