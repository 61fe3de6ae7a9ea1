import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import type { Job } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { commitmentsOf } from './commitments';
import { planJob, type Plan } from '.';
import { minuteAt } from '../units';

const shelf = shelfOf(standardShelf);
const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 420, zone);
const job = (number: string, bodyKind: string, level: 'Work' | 'Road' | 'Show' = 'Work') =>
  withSamples(jobFixture({ number, bodyKind, level }));
/** Everything may be booked: the owner has seen the cards. */
const withSamples = (job: Job): Job => ({
  ...job,
  samples: job.colours.map(({ id }) => acceptedSample(id)),
});
const plan = (one: ReturnType<typeof job>, over = {}) =>
  planJob({ job: one, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map(), ...over });

describe('windows of a plan', () => {
  const given = plan(job('P-1', 'box-body', 'Road'));

  test('bare steel: opened at the end of treatment, closes 480 minutes later, met by the first coat', () => {
    const window = given.windows.find((one) => one.code === 'bare-metal')!;
    const at = (key: string) => given.steps.find((step) => step.key === key)!;
    expect(window.opened).toBe(at(window.from).end);
    expect(window.closes).toBe(window.opened + 480);
    expect(window.met).toBe(at(window.to).start);
  });

  test('kept, tight or broken follows from what is left: less than four hours or a fifth is tight, scuffed again is remedied', () => {
    for (const { state, closes, opened, met, remedy } of given.windows) {
      const left = closes - met;
      const expected = left < 0 ? 'broken' : left < 240 || left < 0.2 * (closes - opened) ? 'tight' : 'kept';
      expect(state).toBe(remedy === null ? expected : 'remedied');
    }
  });

  test('windows come in the order in which they close', () => {
    const closes = given.windows.map((one) => one.closes);
    expect(closes).toEqual([...closes].sort((a, b) => a - b));
  });
});

describe('jobs that share the shop', () => {
  const first = plan(job('P-1', 'box-body', 'Road'));
  const second = plan(job('P-2', 'box-body', 'Road'), { commitments: commitmentsOf(first) });
  const spans = (one: Plan) => [
    ...one.stays.map((stay) => ({ id: stay.place, from: stay.start, to: stay.end })),
    ...one.steps.flatMap((step) =>
      step.uses
        .filter((id) => demoShop.people.some((person) => person.id === id))
        .map((id) => ({ id, from: step.start, to: step.end })),
    ),
  ];

  test('the second keeps clear of every person and place the first was promised', () => {
    for (const a of spans(first))
      for (const b of spans(second)) expect(a.id === b.id && a.from < b.to && b.from < a.to).toBe(false);
  });

  test('and says whom it waits for', () => {
    const holders = second.steps.flatMap((step) =>
      step.whyNotEarlier.flatMap((why) => (why.kind === 'resource' ? why.holders : [])),
    );
    expect(holders.some((holder) => holder.startsWith('P-1 '))).toBe(true);
    expect(second.finish!).toBeGreaterThan(first.finish!);
  });

  test('finished steps promise nothing any more', () => {
    const done = {
      ...first,
      steps: first.steps.map((step) => ({ ...step, state: 'done' as const })),
      stays: [],
    };
    expect(commitmentsOf(done)).toEqual([]);
  });

  test('a place that is held is promised once for the whole stay, not again for each step in it', () => {
    const bays = commitmentsOf(first).filter((one) => one.resource.startsWith('bay'));
    expect(bays).toHaveLength(first.stays.filter((stay) => stay.place.startsWith('bay')).length);
  });
});

describe('budgets', () => {
  const given = plan(job('P-1', 'box-body', 'Road'));

  test('labour is the sum of all person-minutes, booth the open minutes of its sessions', () => {
    expect(given.budgets.labourMin.planned).toBe(
      given.steps.reduce((sum, step) => sum + step.personMinutes, 0),
    );
    const longest = given.stays
      .filter((stay) => stay.kind === 'session')
      .reduce((sum, stay) => sum + stay.end - stay.start, 0);
    expect(given.budgets.boothMin.planned).toBeGreaterThan(0);
    expect(given.budgets.boothMin.planned).toBeLessThanOrEqual(longest);
  });

  test('materials expected are the shopping list at unit price and the disposal, within a penny a line', () => {
    const waste = given.waste.reduce((sum, line) => sum + line.costMinor, 0);
    const value = given.shopping.reduce((sum, line) => sum + line.valueMinor, 0) + waste;
    expect(Math.abs(given.budgets.materialsMinor.planned - value)).toBeLessThanOrEqual(given.steps.length);
  });

  test('whole packs never cost less than the need at unit price', () => {
    for (const line of given.shopping) {
      expect(line.buy!.costMinor).toBeGreaterThanOrEqual(Math.floor(line.valueMinor));
      expect(line.buy!.amount).toBeGreaterThanOrEqual(line.need - 1e-9);
    }
  });

  test('a cap below the plan is a warning with both figures', () => {
    const capped = plan({
      ...job('P-1', 'box-body', 'Road'),
      caps: { labourHours: 10, materialsMinor: 100, boothHours: 1 },
    });
    const over = capped.warnings.filter((one) => one.code === 'over-cap');
    expect(over).toEqual([
      { code: 'over-cap', budget: 'labour', planned: capped.budgets.labourMin.planned, cap: 600 },
      { code: 'over-cap', budget: 'materials', planned: capped.budgets.materialsMinor.planned, cap: 100 },
      { code: 'over-cap', budget: 'booth', planned: capped.budgets.boothMin.planned, cap: 60 },
    ]);
  });
});

test('no step begins before the vehicle arrives', () => {
  const later = plan({ ...job('P-1', 'box-body'), arrival: '2026-12-07' });
  expect(Math.min(...later.steps.map((step) => step.start))).toBeGreaterThanOrEqual(
    minuteAt('2026-12-07', 450, zone),
  );
});

test('a closed shop plans nothing and says what found no room', () => {
  const shut = plan(job('P-1', 'open-hull'), { shop: { ...demoShop, shifts: [] } });
  expect(shut.warnings.some((one) => one.code === 'no-room')).toBe(true);
});
