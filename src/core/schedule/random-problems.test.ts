import { everyPlan } from './exhaustive.fixture';
import { checkPlan } from './plan-checker.fixture';
import { planOf, solved } from './problem-text.fixture';
import { randomProblem } from './random-problem.fixture';
import { faultsOfReasons } from './reasons-checker.fixture';
import type { ScheduleResult } from './result';

const small = { steps: 5, length: 8, maxLags: 0.35 };
const tiny = { steps: 3, length: 3, maxLags: 0.5, facts: false };

/** Seeds of random problems with every feature; `planOf` throws what the independent checkers find. */
test.each([0, 1, 2, 3])('plans of random problems keep every rule and say why, set %i', (set) => {
  let plans = 0;
  for (let seed = set * 40 + 1; seed <= set * 40 + 40; seed += 1) {
    const problem = randomProblem(seed, { ...small, calendars: seed % 2 === 0, facts: seed % 3 === 0 });
    const found = solved(problem, 'shop', 8);
    expect(['plan', 'contradiction']).toContain(found.status);
    if (found.status !== 'plan') continue;
    planOf(problem, 'shop', 8);
    plans += 1;
  }
  expect(plans).toBeGreaterThan(20);
});

/** Tiny problems whose plans can all be tried; the horizon leaves room for every step to wait for a repeat. */
const triable = [
  1, 2, 4, 6, 8, 10, 11, 13, 14, 15, 17, 18, 20, 22, 23, 26, 27, 28, 30, 32, 34, 36, 37, 39, 40,
];

test.each(triable)(
  'tiny problem %i: no plan of all is better, and none exists where a contradiction is named',
  (seed) => {
    const problem = randomProblem(seed, { ...tiny, calendars: seed % 2 === 0 });
    let fewestLate = Infinity;
    let soonest = Infinity;
    for (const plan of everyPlan(problem, 24)) {
      fewestLate = Math.min(fewestLate, plan.lateness);
      soonest = Math.min(soonest, plan.makespan);
    }
    const byLateness = solved(problem, 'lateness', 30);
    const byEnd = solved(problem, 'makespan', 30);
    if (soonest === Infinity) {
      expect([byLateness.status, byEnd.status]).toEqual(['contradiction', 'contradiction']);
      return;
    }
    expect(byLateness).toMatchObject({
      status: 'plan',
      lowerBound: fewestLate,
      solution: { aims: [fewestLate, expect.any(Number)] },
    });
    expect(byEnd).toMatchObject({ status: 'plan', lowerBound: soonest, solution: { aims: [soonest] } });
  },
);

test('what contradicts no longer does once any of it is left out', () => {
  let seen = 0;
  for (let seed = 1; seed <= 60; seed += 1) {
    const problem = randomProblem(seed, { ...small, calendars: seed % 2 === 0, facts: false });
    const found = solved(problem, 'shop', 8);
    if (found.status !== 'contradiction') continue;
    const places = found.demands.flatMap((one) => /^links\[(\d+)\]/.exec(one.words)?.[1] ?? []).map(Number);
    for (const place of places) {
      // Only the named demands and one link less: other contradictions of the problem must not hide the answer.
      const without = problem.links.filter((_: unknown, i: number) => i !== place && places.includes(i));
      const named = (name: string, i: number) =>
        found.demands.some((one) => one.words.startsWith(`${name}[${i}]`));
      const kept = (name: 'pinned' | 'exclusions' | 'same') =>
        problem[name].filter((_: unknown, i: number) => named(name, i));
      if (problem.holds.length > 0 && !named('holds', 0)) continue;
      const rest = {
        links: without,
        pinned: kept('pinned'),
        exclusions: kept('exclusions'),
        same: kept('same'),
      };
      const resources = problem.resources.map(
        ({ calendar, ...one }: { calendar?: string; capacity: number }, i: number) => ({
          ...one,
          ...(named('resources', i) && calendar ? { calendar } : {}),
        }),
      );
      expect(solved({ ...problem, ...rest, resources }, 'shop', 8).status).toBe('plan');
      seen += 1;
    }
  }
  expect(seen).toBeGreaterThan(10);
});

describe('the checkers themselves', () => {
  const problem = randomProblem(2, { ...small, calendars: true, facts: false });
  const plan = planOf(problem, 'shop', 8);
  const changed = (change: (copy: ScheduleResult) => void): string[] => {
    const copy = JSON.parse(JSON.stringify(plan)) as ScheduleResult;
    change(copy);
    return [...checkPlan(problem, copy).faults, ...faultsOfReasons(problem, copy)];
  };

  test('an untouched plan passes, and every step moved by a minute is caught', () => {
    expect(changed(() => {})).toEqual([]);
    for (let i = 0; i < plan.steps.length; i += 1)
      for (const by of [-1, 1])
        expect(
          changed((copy) => {
            copy.steps[i]!.start += by;
            copy.steps[i]!.end += by;
          }),
        ).not.toEqual([]);
  });

  test('another figure, a step less, a resource that is not of the list, a reason less are caught', () => {
    expect(changed((copy) => (copy.makespan += 1))).not.toEqual([]);
    expect(changed((copy) => (copy.holdMinutes += 1))).not.toEqual([]);
    expect(changed((copy) => copy.steps.reverse())).not.toEqual([]);
    expect(
      changed((copy) => {
        const used = copy.steps.find((one) => one.uses.length > 0)!;
        used.uses[0]!.resource = 'r9';
      }),
    ).not.toEqual([]);
    expect(changed((copy) => copy.steps.forEach((one) => one.because.splice(0)))).not.toEqual([]);
  });
});
