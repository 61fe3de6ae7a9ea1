import fc from 'fast-check';
import { faultsOf } from './check-schedule.fixture';
import { scheduleKeeping } from './keep-agreed';
import type { ScheduleProblem, TimedStep } from './problem';
import { scheduleSerially } from './serial-schedule';

// Open 07:30–16:30 every day: 450–990, 1890–2430, …
const open = Array.from({ length: 30 }, (_, i) => ({ from: i * 1440 + 450, to: i * 1440 + 990 }));
const step = (id: string, minutes: number, notBefore = 0): TimedStep => ({
  id,
  kind: 'splittable',
  minutes,
  uses: [['ines']],
  hold: null,
  notBefore,
});
const chain = (steps: TimedStep[], over: Partial<ScheduleProblem> = {}): ScheduleProblem => ({
  now: 0,
  resources: [{ id: 'ines', open }],
  steps,
  links: steps.slice(1).map((one, i) => ({
    id: `link ${i}`,
    from: steps[i]!.id,
    to: one.id,
    min: 0,
    max: null,
  })),
  holds: [],
  facts: [],
  commitments: [],
  ...over,
});
const startsOf = (problem: ScheduleProblem, agreed: Record<string, number>, keepForMin = 240) => {
  const starts = new Map(Object.entries(agreed));
  const schedule = scheduleKeeping(problem, { starts, open, keepForMin });
  return Object.fromEntries(schedule.placements.map((one) => [one.step, one.start]));
};

describe('agreed starts are kept, worked by hand', () => {
  const pair = chain([step('strip', 60), step('treat', 60)]);

  test('a step that could begin an hour sooner stays where it was agreed, and says so', () => {
    expect(startsOf(pair, { strip: 450, treat: 570 })).toEqual({ strip: 450, treat: 570 });
    const schedule = scheduleKeeping(pair, { starts: new Map([['treat', 570]]), open, keepForMin: 240 });
    expect(schedule.placements[1]!.because).toEqual([
      { kind: 'agreed', from: 510 },
      { kind: 'link', link: 'link 0', from: 'strip', min: 0 },
    ]);
  });

  test('a gain of half a shift moves it: 239 minutes do not, 240 do', () => {
    expect(startsOf(pair, { treat: 510 + 239 }).treat).toBe(749);
    expect(startsOf(pair, { treat: 510 + 240 }).treat).toBe(510);
  });

  test('the shop says what an agreed start is worth: an hour, a week, or nothing', () => {
    expect(startsOf(pair, { treat: 510 + 59 }, 60).treat).toBe(569);
    expect(startsOf(pair, { treat: 510 + 60 }, 60).treat).toBe(510);
    // Two days later: 480 minutes left of the first day, 540 of the second, 60 of the third.
    expect(startsOf(pair, { treat: 2880 + 510 }, 1081).treat).toBe(3390);
    expect(startsOf(pair, { treat: 2880 + 510 }, 1080).treat).toBe(510);
    expect(startsOf(pair, { treat: 511 }, 0).treat).toBe(510);
  });

  test('a night is no gain: agreed for the morning, free from ten to closing the day before', () => {
    const late = chain([step('strip', 530), step('treat', 60)]);
    expect(startsOf(late, { strip: 450, treat: 1890 }).treat).toBe(1890);
  });

  test('a constraint forces it: an agreed start that has become too early gives way', () => {
    expect(startsOf(chain([step('strip', 200), step('treat', 60)]), { strip: 450, treat: 510 })).toEqual({
      strip: 450,
      treat: 650,
    });
  });

  test('small gains do not add up unseen: what lies half a shift behind in all moves, what lies less stays', () => {
    // Each of four steps needs 30 minutes less than agreed for: gains of 0, 100, 200 and 300 minutes.
    const steps = ['a', 'b', 'c', 'd'].map((id) => step(id, 30));
    const agreed = { a: 450, b: 580, c: 710, d: 840 };
    expect(startsOf(chain(steps), agreed)).toEqual({ a: 450, b: 580, c: 710, d: 740 });
  });

  test('what has begun or ended is not agreed any more but so', () => {
    const facts = [{ status: 'done' as const, step: 'strip', start: 450, end: 480, uses: ['ines'] }];
    expect(startsOf({ ...pair, now: 480, facts }, { strip: 500, treat: 560 })).toEqual({
      strip: 450,
      treat: 560,
    });
  });

  test('keeping never breaks a window that the earliest schedule keeps', () => {
    const tied = chain([step('treat', 60), step('epoxy', 60)]);
    tied.links[0]!.max = 100;
    // Epoxy at its agreed 700 would leave bare metal 190 minutes; treating later keeps both.
    expect(startsOf(tied, { epoxy: 700 })).toEqual({ treat: 540, epoxy: 700 });
    // With treatment done at 510 the window closes at 610, and the agreed start gives way.
    const facts = [{ status: 'done' as const, step: 'treat', start: 450, end: 510, uses: ['ines'] }];
    const starts = new Map([['epoxy', 700]]);
    const done = scheduleKeeping({ ...tied, now: 510, facts }, { starts, open, keepForMin: 240 });
    expect(done.broken).toEqual([]);
    expect(done.placements[1]!.start).toBe(510);
  });
});

describe('any agreed starts', () => {
  const cases = fc.record({
    minutes: fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 6 }),
    agreed: fc.array(fc.integer({ min: 0, max: 5000 }), { minLength: 6, maxLength: 6 }),
  });

  test('give a schedule without faults, at most half a shift longer than the earliest', () => {
    fc.assert(
      fc.property(cases, ({ minutes, agreed }) => {
        const problem = chain(minutes.map((length, i) => step(`s${i}`, length)));
        const starts = new Map(agreed.map((minute, i) => [`s${i}`, minute]));
        const kept = scheduleKeeping(problem, { starts, open, keepForMin: 240 });
        expect(faultsOf(problem, kept)).toEqual([]);
        const ends = (list: { end: number }[]) => Math.max(...list.map((one) => one.end));
        const gain =
          openMinutes(ends(kept.placements)) - openMinutes(ends(scheduleSerially(problem).placements));
        expect(gain).toBeLessThan(240);
      }),
    );
  });

  test('a plan that was accepted is its own proposal', () => {
    fc.assert(
      fc.property(cases, ({ minutes }) => {
        const problem = chain(minutes.map((length, i) => step(`s${i}`, length)));
        const first = scheduleSerially(problem);
        const starts = new Map(first.placements.map((one) => [one.step, one.start]));
        expect(scheduleKeeping(problem, { starts, open, keepForMin: 240 })).toEqual(first);
      }),
    );
  });
});

/** Minutes of 07:30–16:30 days before a minute, counted apart from the scheduler. */
function openMinutes(minute: number): number {
  const days = Math.floor(minute / 1440);
  return days * 540 + Math.min(540, Math.max(0, (minute % 1440) - 450));
}
