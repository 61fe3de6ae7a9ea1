import { scheduleSerially, type ScheduleProblem, type TimedStep } from '../schedule';
import { hardHours } from './hard-hours';
import { agreedStarts, joinedSchedule, partedProblem, type Parting } from './step-parts';

const zone = 'Europe/London';
// Thursday 1 January 1970 and the days after, from half past seven to half past four; in January the clock of London runs an hour ahead.
const at = (day: number, hour: number, minute = 0) => day * 1440 + (hour - 1) * 60 + minute;
const days = Array.from({ length: 30 }, (_, day) => ({ from: at(day, 7, 30), to: at(day, 16, 30) }));

describe('the hours that somebody gives to hard work', () => {
  const one = [{ from: at(2, 7, 30), to: at(2, 16, 30) }];

  test('four hours: the morning of one, the afternoon of who takes turns', () => {
    expect(hardHours(one, 240, 'first', zone)).toEqual([{ from: at(2, 7, 30), to: at(2, 11, 30) }]);
    expect(hardHours(one, 240, 'last', zone)).toEqual([{ from: at(2, 12, 30), to: at(2, 16, 30) }]);
  });

  test('over a break the rest comes after it; a short day is given whole', () => {
    const broken = [
      { from: at(2, 7, 30), to: at(2, 10) },
      { from: at(2, 10, 30), to: at(2, 16) },
    ];
    expect(hardHours(broken, 240, 'first', zone)).toEqual([
      broken[0],
      { from: at(2, 10, 30), to: at(2, 12) },
    ]);
    expect(hardHours([{ from: at(3, 8), to: at(3, 10) }], 240, 'last', zone)).toEqual([
      { from: at(3, 8), to: at(3, 10) },
    ]);
  });
});

const step = (id: string, minutes: number, uses: string[][]): TimedStep => ({
  id,
  kind: 'splittable',
  minutes,
  uses,
  hold: null,
  notBefore: 0,
});
const both = [
  ['dot', 'jun'],
  ['dot', 'jun'],
];
const problem: ScheduleProblem = {
  now: at(1, 0),
  resources: ['dot', 'jun'].map((id) => ({ id, open: days })),
  steps: [step('block', 100, both), step('look', 10, [['dot', 'jun']])],
  links: [{ id: 'l', from: 'block', to: 'look', min: 0, max: null }],
  holds: [],
  facts: [],
  // Jun is somewhere else until Wednesday at one.
  commitments: [{ resource: 'jun', from: at(0, 0), to: at(6, 13), holder: 'P-009' }],
};
const placed = (partings: ReadonlyMap<string, Parting>) =>
  joinedSchedule(scheduleSerially(partedProblem(problem, partings)), partings);
const timesOf = ({ schedule }: ReturnType<typeof placed>) =>
  Object.fromEntries(schedule.placements.map((one) => [one.step, [one.start, one.end]]));

test('a crew of two waits until both are there', () => {
  expect(timesOf(placed(new Map()))).toEqual({
    block: [at(6, 13), at(6, 14, 40)],
    look: [at(6, 14, 40), at(6, 14, 50)],
  });
});

test('shared out by panels who is free does both halves, and what waits for it waits for the last', () => {
  const made = placed(new Map([['block', { crew: 2, minutes: [100, 100], hours: null }]]));
  expect(timesOf(made)).toEqual({
    block: [at(1, 7, 30), at(1, 10, 50)],
    look: [at(1, 10, 50), at(1, 11)],
  });
  expect(made.shares.get('block')).toEqual([
    { person: 'dot', start: at(1, 7, 30), end: at(1, 9, 10) },
    { person: 'dot', start: at(1, 9, 10), end: at(1, 10, 50) },
  ]);
  expect(made.schedule.placements.find((one) => one.step === 'look')!.because.at(-1)).toMatchObject({
    kind: 'link',
    from: 'block',
  });
});

test('with hours of their own for it, three times a hundred minutes go over two mornings of two hours and a half', () => {
  const hours = new Map([['dot', hardHours(days, 150, 'first', zone)]]);
  const made = placed(new Map([['block', { crew: 2, minutes: [100, 100, 100], hours }]]));
  // One a morning: a second would not end by ten.
  expect(made.shares.get('block')).toEqual(
    [1, 2, 3].map((day) => ({ person: 'dot', start: at(day, 7, 30), end: at(day, 9, 10) })),
  );
});

test('a part without room leaves the step without room, once', () => {
  const hours = new Map([
    ['dot', hardHours(days, 50, 'first', zone)],
    ['jun', []],
  ]);
  const made = placed(new Map([['block', { crew: 2, minutes: [100, 100], hours }]]));
  expect(made.schedule.unplaced).toContain('block');
  expect(made.schedule.unplaced.filter((one) => one.startsWith('block'))).toHaveLength(1);
  expect(timesOf(made)['block']).toBeUndefined();
});

test('each part of an accepted plan has promised its own start', () => {
  const share = (start: number) => ({ person: 'dot', start, end: start + 1 });
  const steps = [
    { key: 'a', start: 5, shares: [] },
    { key: 'b', start: 7, shares: [share(7), share(9)] },
  ] as unknown as Parameters<typeof agreedStarts>[0]['steps'];
  expect([...agreedStarts({ steps })]).toEqual([
    ['a', 5],
    ['b', 7],
    ['b part 2', 9],
  ]);
});
