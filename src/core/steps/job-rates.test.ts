import { demoShop } from '../../demo/shop';
import { jobRateFaults } from '../exchange';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { checkedByWork } from '../checks';
import { planJob } from '../plan';
import type { Job } from '../record';
import type { Shop } from '../shop';
import { minuteAt } from '../units';
import { catalogueWith } from '.';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 450, demoShop.timeZone);
const base = jobFixture({ level: 'Road' });
const planned = (rates: Job['rates'] = {}, shop: Partial<Shop> = {}) =>
  planJob({
    job: { ...base, rates },
    shop: { ...demoShop, ...shop },
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
const scuffs = (plan: ReturnType<typeof planned>) => plan.steps.filter((one) => one.operation === 'mask');
const minutesOf = (list: ReturnType<typeof scuffs>) => list.reduce((sum, one) => sum + one.personMinutes, 0);

test('a rate typed for the job stands before that of the shop, and is meant without the learned factor', () => {
  const usual = scuffs(planned());
  expect(usual.length).toBeGreaterThan(0);
  const [first] = usual;
  const { rate, weighted, share, fixedMin } = first!.figure;
  const own = scuffs(planned({ mask: rate * 2 }, { rates: { mask: 1 }, learned: { mask: 1.5 } }))[0]!;
  expect(own.figure).toMatchObject({ rate: rate * 2, learned: 1, rateFrom: 'job' });
  // Minutes by hand: fixed, and twice the rate over the same length.
  expect(own.personMinutes).toBe(Math.round(fixedMin + 2 * rate * weighted * share));
  const shopOwn = scuffs(planned({}, { rates: { mask: rate * 3 }, learned: { mask: 1.5 } }))[0]!;
  expect(shopOwn.figure).toMatchObject({ rate: rate * 3, learned: 1.5, rateFrom: 'shop' });
  expect(shopOwn.personMinutes).toBe(Math.round(fixedMin + 3 * rate * 1.5 * weighted * share));
});

test('it moves its own operation and nothing else; typed as it stands it moves nothing', () => {
  const usual = planned();
  const rate = scuffs(usual)[0]!.figure.rate;
  const hours = (plan: ReturnType<typeof planned>) =>
    Object.fromEntries(
      plan.steps.filter((one) => one.operation !== 'mask').map((one) => [one.key, one.personMinutes]),
    );
  const more = planned({ mask: rate * 2 });
  expect(hours(more)).toEqual(hours(usual));
  expect(minutesOf(scuffs(more))).toBeGreaterThan(minutesOf(scuffs(usual)));
  const same = planned({ mask: rate });
  expect(same.steps.map((one) => [one.key, one.start, one.end])).toEqual(
    usual.steps.map((one) => [one.key, one.start, one.end]),
  );
});

test('what has no rate of its own is refused where it was typed, with what to change instead', () => {
  const faults = jobRateFaults(
    { mask: 4, polish: 20, handover: 1, nothing: 3, unmask: 0 },
    catalogueWith([]),
    'set.rates',
  );
  expect(faults.map(({ place }) => place)).toEqual([
    'set.rates.polish',
    'set.rates.handover',
    'set.rates.nothing',
    'set.rates.unmask',
  ]);
  expect(faults[0]!.reason).toContain('a rate for each grit');
  expect(faults[1]!.reason).toContain('change its minutes in Steps');
  const edit = { kind: 'job', job: base.number, seen: 1, set: { rates: { polish: 20 } } } as const;
  const ground = { shop: demoShop, shelf, operations: [], now };
  expect(checkedByWork({ edit, job: base }, ground).faults.map(({ place }) => place)).toEqual([
    'set.rates.polish',
  ]);
});
