import { Calendar } from '../schedule';
import type { Placed } from './calendar';
import { goHoursOf } from './go-hours';
import type { PlannedStep } from './model';
import { planJob } from '.';
import { jobFixture } from '../job.fixture';
import { shelfOf, standardShelf } from '../film';
import { demoShop } from '../../demo/shop';
import type { StepNetwork } from '../steps';
import { minuteAt } from '../units';

/** Monday to Friday 08:00–16:00 from minute 0, which is a Monday midnight in UTC. */
const open = [0, 1, 2, 3, 4].map((day) => ({ from: day * 1440 + 480, to: day * 1440 + 960 }));
const shop = {
  ...demoShop,
  timeZone: 'UTC',
  people: [{ id: 'p', name: 'P', skills: [], pace: 1, daysOff: [], hours: null }],
};
const shelf = shelfOf(standardShelf);
const step = (
  key: string,
  kind: PlannedStep['kind'],
  minutes: number,
  start: number,
  hold: string | null = null,
) =>
  ({
    key,
    kind,
    minutes,
    start,
    hold,
    state: 'planned',
    uses: kind === 'passive' ? [] : ['p'],
    coat: null,
  }) as unknown as PlannedStep;
const placed = (steps: PlannedStep[], start: number): Placed =>
  ({
    steps,
    open,
    hours: { of: () => new Calendar(open) },
    stays: [{ key: 'booth 1', kind: 'session', start, end: start + 60 }],
  }) as unknown as Placed;
const links = (...pairs: [string, string, number?][]) =>
  ({ links: pairs.map(([from, to, min = 0]) => ({ from, to, min, max: null })) }) as unknown as StepNetwork;

test('masking of five hours for a session on Wednesday at eight must begin on Tuesday at eleven', () => {
  const wednesday = 2 * 1440 + 480;
  const steps = [step('mask', 'splittable', 300, 480), step('coat', 'contiguous', 60, wednesday, 'booth 1')];
  // Counted back from Wednesday 08:00 the five hours lie on Tuesday 11:00 to 16:00; planned is Monday 08:00, 11 hours sooner.
  expect(goHoursOf(links(['mask', 'coat']), placed(steps, wednesday), { shop, shelf }, 0)).toEqual([
    {
      session: 'booth 1',
      opens: wednesday,
      before: [{ step: 'mask', planned: 480, latest: 1440 + 660, spareMin: 11 * 60 }],
      mixes: [],
    },
  ]);
});

test('through a wait that runs round the clock, and two ways of which the longer counts', () => {
  const wednesday = 2 * 1440 + 480;
  const steps = [
    step('fill', 'contiguous', 60, 480),
    step('set', 'passive', 720, 540),
    step('mask', 'contiguous', 120, 1440 + 480),
    step('coat', 'contiguous', 60, wednesday, 'booth 1'),
  ];
  const network = links(['fill', 'set'], ['set', 'mask'], ['fill', 'coat'], ['mask', 'coat', 30]);
  const [session] = goHoursOf(network, placed(steps, wednesday), { shop, shelf }, 0);
  // mask must end by 07:30, so Tuesday 14:00; set from 02:00; fill ends by then, so Monday 15:00–16:00.
  expect(session!.before.map(({ step: key, latest }) => [key, latest])).toEqual([
    ['mask', 1440 + 840],
    ['fill', 900],
  ]);
});

test('a contiguous step that no longer fits is too late by the hours between', () => {
  const tuesday = 1440 + 480;
  const steps = [step('mask', 'contiguous', 240, 840), step('coat', 'contiguous', 60, tuesday, 'booth 1')];
  // Four hours before Tuesday 08:00 are Monday 12:00 to 16:00; it is planned for 14:00.
  expect(goHoursOf(links(['mask', 'coat']), placed(steps, tuesday), { shop, shelf }, 0)[0]!.before).toEqual([
    { step: 'mask', planned: 840, latest: 720, spareMin: -120 },
  ]);
});

test('the pot is mixed between the minute from which it lasts and the one that leaves its induction', () => {
  const epoxy = { ...shelf.get('epoxy-primer')!, code: 'pot' };
  const sheet = (inductionMin: number, potLifeMin: number | null) => ({
    ...epoxy,
    coating: { ...epoxy.coating!, inductionMin, potLifeMin, morePoints: [] },
  });
  const own = new Map([
    ['long', sheet(20, 240)],
    ['short', sheet(0, 30)],
    ['one-part', sheet(0, null)],
    ['all-day', sheet(20, 360)],
  ]) as typeof shelf;
  const coat = (key: string, product: string, start: number) =>
    ({ ...step(key, 'contiguous', 60, start, 'booth 1'), end: start + 60, coat: { product } }) as PlannedStep;
  const steps = [
    coat('l1', 'long', 1920),
    coat('l2', 'long', 1990),
    coat('s1', 'short', 2060),
    coat('o1', 'one-part', 2130),
    coat('a1', 'all-day', 2200),
  ];
  const [session] = goHoursOf(links(), placed(steps, 1920), { shop, shelf: own }, 0);
  expect(session!.mixes).toEqual([
    // The coat runs 1920–1980: induction from 1900; a pot of 240 min lasts to 1980 when mixed from 1740 on.
    { product: 'long', notBefore: 1740, latest: 1900 },
    // An hour's coat from a pot of half an hour takes two pots: only the first has an hour.
    { product: 'short', notBefore: null, latest: 2060 },
    { product: 'one-part', notBefore: null, latest: 2130 },
    // It would last from 1900 on, but the shop opens at 1920.
    { product: 'all-day', notBefore: 1920, latest: 2180 },
  ]);
});

test('nothing is told of sessions that have begun, of what is done, and no planned step of a whole plan is late', () => {
  const steps = [step('mask', 'splittable', 60, 480), step('coat', 'contiguous', 60, 600, 'booth 1')];
  expect(goHoursOf(links(['mask', 'coat']), placed(steps, 600), { shop, shelf }, 700)).toEqual([]);
  const done = [{ ...steps[0]!, state: 'done' as const }, steps[1]!];
  expect(goHoursOf(links(['mask', 'coat']), placed(done, 600), { shop, shelf }, 0)[0]!.before).toEqual([]);
  const job = jobFixture({});
  const now = minuteAt(job.arrival, 0, demoShop.timeZone);
  const given = {
    job,
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    commitments: [],
    agreedStarts: new Map(),
  };
  const { goHours } = planJob({ ...given, now });
  expect(goHours.length).toBeGreaterThan(0);
  for (const { before } of goHours) for (const one of before) expect(one.spareMin).toBeGreaterThanOrEqual(0);
});
