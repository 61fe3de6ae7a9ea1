import fc from 'fast-check';
import { faultsOf } from './check-schedule.fixture';
import type { ScheduleProblem, TimedStep } from './problem';
import { scheduleSerially } from './serial-schedule';

const day = (i: number) => ({ from: i * 1440 + 450, to: i * 1440 + 990 });
const weekdays = Array.from({ length: 42 }, (_, i) => i)
  .filter((i) => i % 7 < 5)
  .map(day);

const step = (
  id: string,
  kind: TimedStep['kind'],
  minutes: number,
  uses: string[][],
  hold: string | null = null,
) => ({
  id,
  kind,
  minutes,
  uses,
  hold,
  notBefore: 0,
});
const link = (from: string, to: string, min = 0, max: number | null = null) => ({
  id: `${from}-${to}`,
  from,
  to,
  min,
  max,
});
const problem = (over: Partial<ScheduleProblem>): ScheduleProblem => ({
  now: 0,
  resources: [
    { id: 'booth', open: null },
    { id: 'ines', open: weekdays },
    { id: 'marek', open: weekdays },
  ],
  steps: [],
  links: [],
  holds: [],
  facts: [],
  commitments: [],
  ...over,
});
const times = (given: ScheduleProblem) => {
  const schedule = scheduleSerially(given);
  return Object.fromEntries(schedule.placements.map((one) => [one.step, [one.start, one.end]]));
};

describe('the serial schedule, cases worked by hand', () => {
  const session = problem({
    steps: [
      step('load', 'contiguous', 60, [['ines', 'marek']], 'session'),
      step('coat', 'contiguous', 45, [['ines']], 'session'),
      step('dust-free', 'passive', 120, [], 'session'),
    ],
    links: [link('load', 'coat', 0, 240), link('coat', 'dust-free', 0, 0)],
    holds: [{ id: 'session', anyOf: ['booth'], from: 'load', to: 'dust-free' }],
  });

  test('a session on an empty Monday: load 450–510, coat 510–555, dust-free 555–675', () => {
    expect(times(session)).toEqual({ load: [450, 510], coat: [510, 555], 'dust-free': [555, 675] });
    expect(scheduleSerially(session).holds).toEqual([
      { id: 'session', resource: 'booth', start: 450, end: 675 },
    ]);
  });

  test('a coat that would pass closing waits, and its window draws the loading to the next morning with it', () => {
    const late = { ...session, now: 900 };
    expect(times(late)).toEqual({ load: [1890, 1950], coat: [1950, 1995], 'dust-free': [1995, 2115] });
  });

  test('a splittable step pauses over the night: 600 minutes from Monday 08:00 end Tuesday 09:00', () => {
    const long = problem({ now: 480, steps: [step('block', 'splittable', 600, [['ines']])] });
    expect(times(long)).toEqual({ block: [480, 1440 + 540] });
  });

  test('emptying the booth goes before work that can pause: it is unloaded at 750, the blocking begins 16 minutes later', () => {
    const waiting = problem({
      steps: [
        // The longer way still ahead is placed first, and takes the only hands from 750 on for days.
        { ...step('block', 'splittable', 3000, [['ines']]), notBefore: 750 },
        step('load', 'contiguous', 60, [['ines']], 'session'),
        step('dust-free', 'passive', 240, [], 'session'),
        step('unload', 'contiguous', 16, [['ines']], 'session'),
      ],
      links: [link('load', 'dust-free', 0, 0), link('dust-free', 'unload')],
      holds: [{ id: 'session', anyOf: ['booth'], from: 'load', to: 'unload' }],
    });
    const placed = times(waiting);
    expect([placed.load, placed['dust-free'], placed.unload]).toEqual([
      [450, 510],
      [510, 750],
      [750, 766],
    ]);
    expect(placed.block![0]).toBe(766);
    // Work that goes on over that minute already is not broken off.
    const running = { ...waiting, steps: waiting.steps.map((one) => ({ ...one, notBefore: 0 })) };
    expect(faultsOf(running, scheduleSerially(running))).toEqual([]);
  });

  test('two painters are two different people, and a day off of one delays both', () => {
    const ill = problem({
      resources: [
        { id: 'ines', open: weekdays },
        { id: 'marek', open: weekdays.slice(1) },
      ],
      steps: [
        step('roof', 'contiguous', 90, [
          ['ines', 'marek'],
          ['ines', 'marek'],
        ]),
      ],
    });
    expect(times(ill)).toEqual({ roof: [1890, 1980] });
    expect(scheduleSerially(ill).placements[0]!.uses.sort()).toEqual(['ines', 'marek']);
  });

  test('a booth promised to another job is not touched, and the reason names the holder', () => {
    const busy = { ...session, commitments: [{ resource: 'booth', from: 460, to: 700, holder: 'P-016' }] };
    const schedule = scheduleSerially(busy);
    expect(schedule.placements[0]!.start).toBe(700);
    expect(JSON.stringify(schedule.placements[0]!.because)).toContain('P-016');
  });

  test('a hold takes the second bay when the first is promised away later, rather than wait', () => {
    const stay = problem({
      resources: [
        { id: 'bay-1', open: null },
        { id: 'bay-2', open: null },
        { id: 'ines', open: weekdays },
      ],
      steps: [
        step('in', 'contiguous', 15, [['ines']], 'stay'),
        step('sand', 'splittable', 900, [['ines']], 'stay'),
      ],
      links: [link('in', 'sand')],
      holds: [{ id: 'stay', anyOf: ['bay-1', 'bay-2'], from: 'in', to: 'sand' }],
      commitments: [{ resource: 'bay-1', from: 1500, to: 9000, holder: 'P-015' }],
    });
    expect(scheduleSerially(stay).holds).toEqual([
      { id: 'stay', resource: 'bay-2', start: 450, end: 1440 + 825 },
    ]);
  });

  test('a window out of a finished step that has closed already is reported broken, and the rest still stands', () => {
    const missed = problem({
      now: 1890,
      steps: [step('treat', 'contiguous', 30, [['ines']]), step('epoxy', 'contiguous', 45, [['ines']])],
      links: [link('treat', 'epoxy', 0, 240)],
      facts: [{ status: 'done', step: 'treat', start: 450, end: 480, uses: ['ines'] }],
    });
    const schedule = scheduleSerially(missed);
    expect(schedule.broken).toEqual(['treat-epoxy']);
    expect(schedule.placements[1]).toMatchObject({ start: 1890, end: 1935 });
  });

  test('a session that is over ended with its last step, not now; one that goes on is held from its start', () => {
    const ended = (facts: ScheduleProblem['facts']) =>
      scheduleSerially({ ...session, now: 2000, facts }).holds.map(({ start, end }) => [start, end]);
    const load = { status: 'done' as const, step: 'load', start: 450, end: 510, uses: ['ines', 'booth'] };
    const coat = { status: 'done' as const, step: 'coat', start: 510, end: 555, uses: ['ines', 'booth'] };
    const dry = { status: 'done' as const, step: 'dust-free', start: 555, end: 675, uses: ['booth'] };
    expect(ended([load, coat, dry])).toEqual([[450, 675]]);
    // The window after the late coat closed at 1980, before now: it is dropped, and dust-free stands from now on.
    const late = { ...coat, start: 1935, end: 1980 };
    expect(ended([load, late])).toEqual([[450, 2120]]);
  });

  test('a coat added to a session that is over is placed from now on, in the same room', () => {
    const done = (id: string, start: number, end: number, uses: string[]) => ({
      status: 'done' as const,
      step: id,
      start,
      end,
      uses: [...uses, 'booth'],
    });
    const added = scheduleSerially({
      ...session,
      steps: [...session.steps, step('coat-2', 'contiguous', 45, [['ines']], 'session')],
      links: [...session.links, link('coat', 'coat-2')],
      now: 2000,
      facts: [
        done('load', 450, 510, ['ines']),
        done('coat', 510, 555, ['ines']),
        done('dust-free', 555, 675, []),
      ],
    });
    expect(added.unplaced).toEqual([]);
    const coat = added.placements.find((one) => one.step === 'coat-2')!;
    // Tuesday, 09:20 by the clock of minute 2000: Ines is there.
    expect(coat).toMatchObject({ start: 2000, end: 2045, uses: ['ines', 'booth'] });
    expect(added.holds.map(({ start, end }) => [start, end])).toEqual([[450, 675]]);
  });

  test('a running step goes on from now for what remains', () => {
    const running = problem({
      now: 960,
      steps: [step('block', 'splittable', 600, [['ines']]), step('guide', 'contiguous', 20, [['ines']])],
      facts: [{ status: 'running', step: 'block', start: 450, remaining: 60, uses: ['ines'] }],
    });
    expect(times(running)).toEqual({ block: [450, 1440 + 480], guide: [1440 + 480, 1440 + 500] });
  });

  test('a contiguous step longer than any shift is reported as unplaced, not lost or looped on', () => {
    const huge = problem({
      steps: [step('huge', 'contiguous', 541, [['ines']]), step('small', 'contiguous', 10, [['ines']])],
    });
    const schedule = scheduleSerially(huge);
    expect(schedule.unplaced).toEqual(['huge']);
    expect(schedule.placements).toHaveLength(1);
  });
});

describe('properties, against a checker that shares no code', () => {
  const kinds = fc.constantFrom('contiguous' as const, 'splittable' as const, 'passive' as const);
  const arbitrary = fc
    .array(
      fc.record({
        kind: kinds,
        minutes: fc.integer({ min: 0, max: 400 }),
        crew: fc.integer({ min: 0, max: 2 }),
        session: fc.boolean(),
        min: fc.integer({ min: 0, max: 300 }),
        max: fc.option(fc.integer({ min: 1440, max: 6000 }), { nil: null }),
      }),
      { minLength: 1, maxLength: 14 },
    )
    .map((rows) => {
      const people = ['ines', 'marek', 'dot'];
      const steps = rows.map((row, i) =>
        step(
          `s${i}`,
          row.crew === 0 ? 'passive' : row.kind,
          row.minutes,
          Array.from({ length: row.kind === 'passive' ? 0 : row.crew }, () => people),
          row.session ? `h${Math.floor(i / 3)}` : null,
        ),
      );
      const holds = [0, 1, 2, 3, 4].flatMap((h) => {
        const inside = steps.filter((one) => one.hold === `h${h}`);
        const [from, to] = [inside[0], inside.at(-1)];
        return from && to ? [{ id: `h${h}`, anyOf: ['booth', 'bay'], from: from.id, to: to.id }] : [];
      });
      const links = rows
        .slice(1)
        .map((row, i) => link(`s${Math.max(0, i - (row.minutes % 2))}`, `s${i + 1}`, row.min, row.max));
      return problem({
        now: 100,
        resources: [
          { id: 'booth', open: null },
          { id: 'bay', open: null },
          ...people.map((id, i) => ({ id, open: weekdays.slice(i) })),
        ],
        steps,
        links,
        holds,
        commitments: [{ resource: 'booth', from: 2000, to: 5000, holder: 'other' }],
      });
    });

  test('every schedule keeps calendars, capacities, windows and holds', () => {
    fc.assert(
      fc.property(arbitrary, (given) => {
        const schedule = scheduleSerially(given);
        expect(schedule.unplaced).toEqual([]);
        expect(faultsOf(given, schedule)).toEqual([]);
      }),
      { numRuns: 400 },
    );
  });

  test('the same problem gives the same schedule', () => {
    fc.assert(
      fc.property(arbitrary, (given) => expect(scheduleSerially(given)).toEqual(scheduleSerially(given))),
      {
        numRuns: 40,
      },
    );
  });
});
