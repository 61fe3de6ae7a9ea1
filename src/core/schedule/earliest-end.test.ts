import type { ScheduleProblem, TimedStep } from './problem';
import { WorkSearch } from './work-search';

// Open 0–480 of every day.
const days = Array.from({ length: 20 }, (_, i) => ({ from: i * 1440, to: i * 1440 + 480 }));
const step = (id: string, minutes: number, over: Partial<TimedStep> = {}): TimedStep => ({
  id,
  kind: 'splittable',
  minutes,
  uses: [['ann']],
  hold: null,
  notBefore: 0,
  ...over,
});
const chain = (steps: TimedStep[], over: Partial<ScheduleProblem> = {}): ScheduleProblem => ({
  now: 0,
  holds: [],
  facts: [],
  commitments: [],
  resources: [
    { id: 'ann', open: days },
    { id: 'ben', open: days.slice(2) },
  ],
  steps,
  links: steps.slice(1).map((one, i) => ({
    id: `l${i}`,
    from: steps[i]!.id,
    to: one.id,
    min: 0,
    max: null,
  })),
  ...over,
});
const earliest = (problem: ScheduleProblem) => new WorkSearch(problem, 1).earliest;

describe('no calendar ends before, by waits and hours alone', () => {
  test('work runs over the night, what may not be broken waits for the morning', () => {
    expect(earliest(chain([step('a', 500)]))).toBe(1440 + 20);
    expect(earliest(chain([step('a', 400), step('b', 100, { kind: 'contiguous' })]))).toBe(1440 + 100);
  });

  test('drying runs through the night', () => {
    expect(earliest(chain([step('a', 400), step('dry', 600, { kind: 'passive' }), step('b', 60)]))).toBe(
      1440 + 60,
    );
  });

  test('the sooner of two hands counts; who is named only by one waits for them', () => {
    expect(earliest(chain([step('a', 60, { uses: [['ben', 'ann']] })]))).toBe(60);
    // Ben is there from the third day on.
    expect(earliest(chain([step('a', 60, { uses: [['ben']] })]))).toBe(2 * 1440 + 60);
  });

  test('steps side by side on one hand are not added up: it is a bound, not a plan', () => {
    expect(earliest(chain([step('a', 300), step('b', 300)], { links: [] }))).toBe(300);
  });

  test('what is done stands where it ended, what runs goes on from now', () => {
    const facts: ScheduleProblem['facts'] = [
      { status: 'done', step: 'a', start: 0, end: 200, uses: ['ann'] },
      { status: 'running', step: 'b', start: 200, remaining: 50, uses: ['ann'] },
    ];
    const steps = [step('a', 60), step('b', 100), step('c', 30)];
    expect(earliest(chain(steps, { now: 300, facts }))).toBe(380);
  });
});
