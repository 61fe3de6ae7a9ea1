import { demoJobs, dated } from '../../demo/jobs';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { placeNetwork } from '../plan/placed-network';
import { tellPlan } from '../plan';
import { Calendar, Random } from '../schedule';
import { minuteAt } from '../units';
import { courseOf, type Course, type CourseStep, type PlannedCourse } from './course';
import { orderOfCourse } from './course-order';
import { drawOnce } from './draw';
import { reworkEvents } from './rework-events';
import { spreadOf } from './spread';

const shelf = shelfOf(standardShelf);
const certain = { paces: new Map(), labour: false, rework: false };

function planned(index: number): PlannedCourse {
  const job = dated(demoJobs[index]!, '2026-11-23');
  const now = minuteAt(job.arrival, 0, demoShop.timeZone);
  const network = placeNetwork({
    job,
    shop: demoShop,
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  return { network, plan: tellPlan(network) };
}

const step = (over: Partial<CourseStep>): CourseStep => ({
  job: 0,
  key: 'a',
  name: 'A',
  subject: '',
  operation: 'own-work',
  kind: 'contiguous',
  steadyMin: 0,
  workMin: 100,
  crew: 1,
  hours: null,
  release: 0,
  planned: 0,
  into: [],
  events: [],
  showsHidden: false,
  afterwards: false,
  materialsMinor: 0,
  ...over,
});

function courseBy(steps: CourseStep[], windows: Course['windows'] = []): Course {
  const { network, plan } = planned(0);
  return {
    jobs: [{ network, plan: { ...plan, allowance: null } }],
    steps,
    order: orderOfCourse(steps),
    sessions: [],
    windows,
    open: new Calendar([]),
  };
}

describe('a draw in which nothing varies', () => {
  test.each([0, 1, 2, 3])('begins no step of demo job %i later than its plan, and ends no later', (index) => {
    const one = planned(index);
    const course = courseOf([one]);
    const draw = drawOnce(course, new Random(1), certain);
    const late = course.steps.filter((step, i) => draw.start[i]! > step.planned).map((step) => step.key);
    expect(late).toEqual([]);
    expect(course.steps).toHaveLength(one.plan.steps.length);
    expect(draw.finish[0]).toBeLessThanOrEqual(one.plan.finish!);
    expect(draw.moreLabourMin[0]).toBe(0);
  });

  test('two jobs take turns on the people they share: nobody is in two places', () => {
    const course = courseOf([planned(1), planned(2)]);
    const draw = drawOnce(course, new Random(1), certain);
    const busy = new Map<string, [number, number][]>();
    const keys = new Map(course.steps.map((one, i) => [`${one.job} ${one.key}`, i]));
    course.jobs.forEach(({ plan }, job) => {
      for (const step of plan.steps)
        for (const id of step.uses.filter((use) => demoShop.people.some((person) => person.id === use))) {
          const i = keys.get(`${job} ${step.key}`)!;
          if (draw.end[i]! > draw.start[i]!)
            busy.set(id, [...(busy.get(id) ?? []), [draw.start[i]!, draw.end[i]!]]);
        }
    });
    expect(busy.size).toBeGreaterThan(3);
    for (const spans of busy.values()) {
      spans.sort((a, b) => a[0] - b[0]);
      for (let k = 1; k < spans.length; k += 1) expect(spans[k]![0]).toBeGreaterThanOrEqual(spans[k - 1]![1]);
    }
  });
});

describe('minutes drawn', () => {
  const draws = (course: Course, what: Parameters<typeof drawOnce>[2], n = 4000) => {
    const random = new Random(7);
    return Array.from({ length: n }, () => drawOnce(course, random, what));
  };

  test('one step of 100 min: median 100, P80 = 100·exp(0.8416·√(0.4² + 0.35²)) = 156', () => {
    const made = draws(courseBy([step({})]), { ...certain, labour: true });
    const { p50, p80 } = spreadOf(made.map((draw) => draw.minutes[0]!));
    expect(Math.abs(p50 - 100)).toBeLessThan(4);
    expect(Math.abs(p80 - 156.4)).toBeLessThan(7);
  });

  test('the log’s own pace: factor 1.5 with nothing left open, a step of four days: P80 = 2880·exp(0.8416·0.2)', () => {
    const paces = new Map([['own-work', { factor: 1.5, variance: 0 }]]);
    const made = draws(courseBy([step({ workMin: 1920 })]), { ...certain, labour: true, paces });
    const { p50, p80 } = spreadOf(made.map((draw) => draw.minutes[0]!));
    expect(Math.abs(p50 / 2880 - 1)).toBeLessThan(0.02);
    expect(Math.abs(p80 / (2880 * Math.exp(0.8416 * 0.2)) - 1)).toBeLessThan(0.02);
  });

  test('drying and attended flash take the time of the sheet', () => {
    const course = courseBy([step({ kind: 'passive', steadyMin: 720, workMin: 0 })]);
    expect(new Set(draws(course, { ...certain, labour: true }, 50).map((draw) => draw.minutes[0]))).toEqual(
      new Set([720]),
    );
  });

  test('burnt through: in 6 of 100, 120 to 240 person-minutes more, and a day to cure before what follows', () => {
    const burn = reworkEvents.filter((event) => event.code === 'burn-through');
    const course = courseBy([
      step({ events: burn, crew: 2 }),
      step({ key: 'b', planned: 1, into: [{ from: 0, lag: 0 }] }),
    ]);
    const made = draws(course, { ...certain, rework: true });
    const hit = made.filter((draw) => draw.events.get('burn-through') === 1);
    expect(Math.abs(hit.length / made.length - 0.06)).toBeLessThan(0.012);
    for (const draw of hit) {
      expect(draw.minutes[0]).toBeGreaterThanOrEqual(160);
      expect(draw.minutes[0]).toBeLessThanOrEqual(220);
      expect(draw.start[1]! - draw.end[0]!).toBe(1440);
    }
    const spared = made.find((draw) => draw.events.size === 0)!;
    expect([spared.minutes[0], spared.start[1]]).toEqual([100, 100]);
  });
});

describe('what goes wrong costs', () => {
  const event = (chance: number) => ({
    code: 'dirt' as const,
    operations: ['own-work'],
    chance,
    share: [0.1, 0.1] as const,
    minutes: [20, 20] as const,
    waitMin: 0,
    why: '',
  });
  const rework = { ...certain, rework: true };

  test('a tenth again and 20 person-minutes of two: 120 min, 40 person-minutes more, a fifth of the materials again', () => {
    const course = courseBy([step({ crew: 2, materialsMinor: 5000, events: [event(1)] })]);
    const draw = drawOnce(course, new Random(3), rework);
    expect(draw.minutes[0]).toBe(120);
    expect(draw.moreLabourMin[0]).toBe(40);
    expect(draw.moreMaterialsMinor[0]).toBeCloseTo(1000, 9);
  });

  test('nothing where it does not come, where there is no work to go wrong, and where it is left out', () => {
    const of = (over: Partial<CourseStep>, what = rework) => {
      const draw = drawOnce(courseBy([step({ materialsMinor: 5000, ...over })]), new Random(3), what);
      return [draw.minutes[0], draw.moreLabourMin[0], draw.moreMaterialsMinor[0], draw.events.size];
    };
    expect(of({ events: [event(0)] })).toEqual([100, 0, 0, 0]);
    expect(of({ events: [event(1)], workMin: 0, steadyMin: 30 })).toEqual([30, 0, 0, 0]);
    expect(of({ events: [event(1)] }, certain)).toEqual([100, 0, 0, 0]);
  });

  test('what may be hidden: 60 person-minutes on average, half the draws below 60·exp(−0.32) = 43.6, over 200 of stripping', () => {
    const course = courseBy([
      step({ showsHidden: true }),
      step({ key: 'b', showsHidden: true, workMin: 50, crew: 2, planned: 1 }),
      step({ key: 'c', planned: 2 }),
    ]);
    const [one] = course.jobs;
    const allowance = { share: 0.3, heldMin: 80, foundMin: 20, leftMin: 60 };
    const given = { ...course, jobs: [{ ...one!, plan: { ...one!.plan, allowance } }] };
    const random = new Random(11);
    const made = Array.from({ length: 6000 }, () => drawOnce(given, random, rework));
    const more = made.map((draw) => draw.moreLabourMin[0]!);
    expect(Math.abs(more.reduce((sum, one) => sum + one, 0) / more.length - 60)).toBeLessThan(2.5);
    expect(Math.abs(spreadOf(more).p50 - 43.6)).toBeLessThan(2);
    expect(new Set(made.map((draw) => draw.minutes[2]))).toEqual(new Set([100]));
    expect(drawOnce(given, new Random(11), certain).moreLabourMin[0]).toBe(0);
  });
});

describe('the walk', () => {
  const of = (lag: number) => {
    const course = courseBy([
      step({}),
      step({ key: 'b', planned: 1, workMin: 10, into: [{ from: 0, lag }] }),
    ]);
    return drawOnce(course, new Random(1), certain).start[1];
  };

  test('a lag of 30 begins at 130, one of −80 at 20, one of −150 not before what it follows', () => {
    expect([of(30), of(-80), of(-150)]).toEqual([130, 20, 0]);
  });

  test('a job ends with the last of its steps, what comes after the handover left out', () => {
    const course = courseBy([
      step({}),
      step({ key: 'b', planned: 1, workMin: 40 }),
      step({ key: 'c', planned: 2, workMin: 500, afterwards: true }),
    ]);
    expect(drawOnce(course, new Random(1), certain).finish[0]).toBe(100);
  });

  test('without work the place of nobody is needed: no minutes begin outside all hours', () => {
    const hours = new Calendar([{ from: 200, to: 400 }]);
    const draw = drawOnce(courseBy([step({ workMin: 0, hours })]), new Random(1), certain);
    expect([draw.start[0], draw.end[0]]).toEqual([0, 0]);
  });

  test('after the last of the calendars it is worked through', () => {
    const hours = new Calendar([{ from: 0, to: 100 }]);
    for (const kind of ['contiguous', 'splittable'] as const) {
      const draw = drawOnce(courseBy([step({ kind, hours, release: 150 })]), new Random(1), certain);
      expect([draw.start[0], draw.end[0]]).toEqual([150, 250]);
    }
  });
});

describe('windows', () => {
  const late = step({ key: 'booth', workMin: 500 });
  const etch = step({ key: 'etch', workMin: 60, planned: 400 });
  const prime = step({
    key: 'prime',
    workMin: 30,
    planned: 500,
    into: [
      { from: 0, lag: 0 },
      { from: 1, lag: 0 },
    ],
  });
  const window = { job: 0, from: 1, to: 2, maxMin: 120 };

  test('what opens a window is held back until it can be kept: begun at 320, not at 0', () => {
    const course = courseBy([late, etch, prime], [{ ...window, canWait: true }]);
    const draw = drawOnce(course, new Random(1), certain);
    expect([...draw.start]).toEqual([0, 320, 500]);
    expect(draw.missed[0]).toBe(0);
  });

  test('one that scuffing reopens is not waited for, and told as missed', () => {
    const course = courseBy([late, etch, prime], [{ ...window, canWait: false }]);
    const draw = drawOnce(course, new Random(1), certain);
    expect([...draw.start]).toEqual([0, 0, 500]);
    expect(draw.missed[0]).toBe(1);
  });
});

describe('booth sessions', () => {
  const open = new Calendar([
    { from: 0, to: 480 },
    { from: 1440, to: 1920 },
  ]);
  const prep = (workMin: number) => step({ key: 'prep', workMin });
  const load = step({ key: 'load', workMin: 60, planned: 100, into: [{ from: 0, lag: 0 }], hours: open });
  const coat = step({ key: 'coat', workMin: 200, planned: 160, into: [{ from: 1, lag: 0 }], hours: open });
  const of = (prepMin: number) => {
    const unbroken = { steps: [1, 2], minutes: 260 };
    const course = courseBy([prep(prepMin), load, coat]);
    const drawn = drawOnce(
      { ...course, open, sessions: [{ job: 0, from: 1, begun: 100, to: 2, unbroken }] },
      new Random(1),
      certain,
    );
    return [drawn.start[1], drawn.end[2], drawn.boothMin[0]];
  };

  test('begin when all coats still fit before closing, and count the open minutes they hold the booth', () => {
    expect(of(220)).toEqual([220, 480, 260]);
  });

  test('wait for the morning when preparation ran so long that the coats would be torn', () => {
    expect(of(221)).toEqual([1440, 1700, 260]);
  });
});

describe('hours', () => {
  const hours = new Calendar([
    { from: 0, to: 100 },
    { from: 200, to: 400 },
  ]);

  test('what may pause goes on the next morning; what may not begins where it fits; too long is worked through', () => {
    const of = (kind: CourseStep['kind'], workMin: number) => {
      const draw = drawOnce(courseBy([step({ kind, workMin, hours, release: 50 })]), new Random(1), certain);
      return [draw.start[0], draw.end[0]];
    };
    expect(of('splittable', 120)).toEqual([50, 270]);
    expect(of('contiguous', 120)).toEqual([200, 320]);
    expect(of('contiguous', 250)).toEqual([50, 300]);
    expect(of('passive', 120)).toEqual([50, 170]);
  });
});

test('plans that wait for each other’s place go by their planned starts', () => {
  const steps = [
    step({ planned: 10, into: [{ from: 1, lag: 0 }] }),
    step({ planned: 20, into: [{ from: 0, lag: 0 }] }),
  ];
  expect([...orderOfCourse(steps)]).toEqual([0, 1]);
  expect(steps[0]!.into).toEqual([]);
  expect(steps[1]!.into).toEqual([{ from: 0, lag: 0 }]);
});
