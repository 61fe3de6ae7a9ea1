import fc from 'fast-check';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob, type PlanWarning } from '../plan';
import type { Job } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';
import { gradeOf, groundOf } from './ground';
import { keyOfWarning, recordsOf } from './records';
import { tryRemedies } from './replan';

const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 420, zone);
const shelf = shelfOf(standardShelf);
const base = jobFixture({ level: 'Show', promised: '2027-06-25' });
const job: Job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const thin: Job = {
  ...job,
  sections: job.sections.map((one, i) => (i === 0 ? { ...one, coats: { clear: 2 } } : one)),
};
const situation = (own: Job, over = {}) => ({
  job: own,
  shop: demoShop,
  shelf,
  now,
  promised: new Map(),
  agreedStarts: new Map(),
  ...over,
});
const planOf = (own: Job) =>
  planJob({ job: own, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });

describe('a record', () => {
  const plan = planOf(thin);
  const records = recordsOf(plan, { job: thin, shop: demoShop });
  const record = records.find((one) => one.warning.code === 'thin-clear')!;

  test('says its law, station, grade, figure and limit, and the step it has to be settled before', () => {
    expect(record).toMatchObject({
      law: 5,
      station: 'film',
      grade: 'stop',
      measure: { figure: 2, limit: 4, unit: 'coats' },
    });
    const clears = plan.steps.filter(
      (step) => step.coat?.role === 'clear' && step.sections.includes(thin.sections[0]!.key),
    );
    expect(record.by).toBe(Math.min(...clears.map((step) => step.start)));
    expect(clears.map((step) => step.key)).toContain(record.step);
  });

  test('stops come before cautions, and of each what is due first', () => {
    const order = records.map(({ grade, by }) => [grade === 'stop' ? 0 : 1, by ?? Infinity] as const);
    for (const [i, [grade, by]] of order.entries()) {
      const next = order[i + 1];
      if (next) expect(grade < next[0] || (grade === next[0] && by <= next[1])).toBe(true);
    }
  });

  test('a job with nothing typed has no record of thin clear', () => {
    const silent = recordsOf(planOf(job), { job, shop: demoShop });
    expect(silent.filter((one) => one.warning.code === 'thin-clear')).toEqual([]);
  });
});

test('a key holds through other figures, and two matters never share one', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 400 }), (days, ratedDays) => {
      const tape = (section: string): PlanWarning => ({ code: 'old-tape', section, days, ratedDays });
      expect(keyOfWarning(tape('roof'))).toBe(
        keyOfWarning({ code: 'old-tape', section: 'roof', days: 1, ratedDays: 14 }),
      );
      expect(keyOfWarning(tape('roof'))).not.toBe(keyOfWarning(tape('sides')));
    }),
  );
});

test('a hard day is the same matter on another day of another person, and another matter by machine', () => {
  const day = (kind: 'hand' | 'machine', person: string, date: string): PlanWarning => ({
    code: 'hard-days',
    kind,
    days: 3,
    person,
    date,
    minutes: 300,
    limitMin: 240,
  });
  expect(keyOfWarning(day('hand', 'Jun', '2026-12-07'))).toBe(keyOfWarning(day('hand', 'Sal', '2026-12-08')));
  expect(keyOfWarning(day('hand', 'Jun', '2026-12-07'))).not.toBe(
    keyOfWarning(day('machine', 'Jun', '2026-12-07')),
  );
});

describe('law and grade', () => {
  test('bare metal goes by the law of bare metal, a film by that of recoat times', () => {
    const tight = { from: 'a', slackMin: 1, lengthMin: 480, closes: 0, step: 'b' };
    expect(groundOf({ code: 'window-tight', product: null, ...tight }).law).toBe(2);
    expect(groundOf({ code: 'window-tight', product: 'epoxy-primer', ...tight }).law).toBe(1);
  });

  test('each budget is raised where it is read', () => {
    const over = (budget: 'labour' | 'materials' | 'booth') =>
      groundOf({ code: 'over-cap', budget, planned: 2, cap: 1 }).station;
    expect([over('labour'), over('materials'), over('booth')]).toEqual(['steps', 'stores', 'bays']);
  });

  test('lead that holds the work is a stop, the test still to come a caution', () => {
    const lead = (isHeld: boolean) => gradeOf({ code: 'lead-untested', section: 'shell', isHeld });
    expect([lead(true), lead(false)]).toEqual(['stop', 'caution']);
  });
});

describe('remedies', () => {
  test('two clears where the finish takes four: four settle it and cost hours and clear, a shorter sequence costs neither', () => {
    const key = recordsOf(planOf(thin), { job: thin, shop: demoShop }).find(
      (one) => one.warning.code === 'thin-clear',
    )!.key;
    const { base: before, tried } = tryRemedies(situation(thin), key)!;
    const coats = tried.find((one) => one.change.kind === 'coats')!;
    expect(coats).toMatchObject({ change: { role: 'clear', coats: 4 }, settles: true });
    expect(coats.figures.labourMin).toBeGreaterThan(before.labourMin);
    expect(coats.figures.materialsMinor).toBeGreaterThan(before.materialsMinor);
    const shorter = tried.filter((one) => one.change.kind === 'ladder');
    expect(shorter.length).toBeGreaterThan(0);
    for (const one of shorter) expect(one.figures.labourMin).toBeLessThan(before.labourMin);
    // Those that settle it stand first.
    const settles = tried.map((one) => one.settles);
    expect(settles).toEqual([...settles].sort((a, b) => Number(b) - Number(a)));
  });

  test('a cap that is passed: raised to the plan it is gone, and nothing else changes', () => {
    const capped: Job = { ...job, caps: { ...job.caps, labourHours: 10 } };
    const key = recordsOf(planOf(capped), { job: capped, shop: demoShop }).find(
      (one) => one.warning.code === 'over-cap',
    )!.key;
    const { base: before, tried } = tryRemedies(situation(capped), key)!;
    const raised = tried.find((one) => one.change.kind === 'cap')!;
    expect(raised).toMatchObject({ settles: true, brings: [], figures: before });
    expect(raised.change).toEqual({
      kind: 'cap',
      budget: 'labour',
      amount: Math.ceil(before.labourMin / 60),
    });
  });

  test('late: what is tried says its own end, and the promise moved to the end settles it', () => {
    const late: Job = { ...job, promised: '2026-12-01' };
    const { base: before, tried } = tryRemedies(situation(late), 'late')!;
    expect(before.lateDays).toBeGreaterThan(0);
    const promise = tried.find((one) => one.change.kind === 'promise')!;
    expect(promise).toMatchObject({ settles: true, figures: { lateDays: 0 } });
    for (const one of tried.filter(({ change }) => change.kind !== 'promise'))
      expect(one.figures.lateDays).toBeLessThanOrEqual(before.lateDays);
  });

  test('a warning that the plan does not have is null', () => {
    expect(tryRemedies(situation(job), 'thin-clear nowhere')).toBeNull();
  });
});
