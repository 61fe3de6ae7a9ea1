import fc from 'fast-check';
import { demoShop } from '../../demo/shop';
import { levels, shelfOf, standardShelf, type Level } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob, type Plan } from '.';
import type { Depth, Job } from '../record';
import { isOpenAt } from './properties.fixture';
import { minuteAt } from '../units';
import { bodyKinds, type BodyKind } from '../vehicle';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const plan = (job: Job, over = {}): Plan =>
  planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map(), ...over });

/** @param share of the way from the smallest body to the usual: at the largest a job outgrows the demo shop's booth */
function jobOf(kind: BodyKind, level: Level, depth: Depth, share: number): Job {
  const dimensions = Object.fromEntries(
    kind.dimensions.map((one) => [one.key, one.min + (one.initial - one.min) * share]),
  );
  return jobFixture({ bodyKind: kind.key, dimensions, level }, { depth });
}

const jobs = fc
  .record({
    kind: fc.constantFrom(...bodyKinds),
    level: fc.constantFrom(...levels),
    depth: fc.constantFrom('scuff' as const, 'stable' as const, 'bare' as const),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ kind, level, depth, share }) => jobOf(kind, level, depth, share));
const aircraft = (key: string) => bodyKinds.find((kind) => kind.key === key)!;
// A wait that moves to a milder night once the job is placed anew, a scuffing that a later placing can spare, and a wait
// that was lengthened for a place it left again.
const examples: [Job][] = [
  [jobOf(aircraft('low-wing'), 'Road', 'scuff', 0.75)],
  [jobOf(aircraft('high-wing'), 'Work', 'bare', 1)],
  [jobOf(aircraft('high-wing'), 'Mirror', 'stable', 0)],
  // A scuffing before one coat of which not every film's window has closed.
  [jobOf(aircraft('high-wing'), 'Show', 'bare', 0)],
];
const each = (check: (job: Job, made: Plan) => void) =>
  fc.assert(
    fc.property(jobs, (job) => check(job, plan(job))),
    { numRuns: 25, examples },
  );

describe('whatever the job', () => {
  test('the same input gives the same plan, and an accepted plan proposes itself', () => {
    each((job, made) => {
      expect(plan(job)).toEqual(made);
      const agreedStarts = new Map(made.steps.map((step) => [step.key, step.start]));
      expect(plan(job, { agreedStarts })).toEqual(made);
    });
  });

  test('people work only in their shop’s hours, steps without pause run through, drying needs nobody', () => {
    each((_job, made) => {
      for (const step of made.steps) {
        expect(step.end).toBeGreaterThanOrEqual(step.start);
        if (step.kind === 'passive') expect(step.end - step.start).toBe(step.minutes);
        if (step.kind === 'contiguous') expect(step.end - step.start).toBe(step.minutes);
        if (step.kind !== 'passive' && step.minutes > 0) {
          expect(isOpenAt(demoShop, step.start)).toBe(true);
          expect(isOpenAt(demoShop, step.end - 1)).toBe(true);
        }
      }
    });
  });

  test('the three budgets are the sums of their steps and stays, and the quote is their sum', () => {
    each((_job, made) => {
      const { budgets, quote } = made;
      const sum = (list: number[]) => list.reduce((total, one) => total + one, 0);
      expect(budgets.labourMin.planned).toBeCloseTo(sum(made.steps.map((step) => step.personMinutes)), 6);
      expect(budgets.materialsMinor.planned).toBe(
        sum(made.steps.map((step) => step.materialsMinor)) + sum(made.waste.map((line) => line.costMinor)),
      );
      expect(quote.netMinor).toBe(quote.labourMinor + quote.materialsMinor + quote.boothMinor);
      expect(quote.grossMinor).toBe(quote.netMinor + quote.taxMinor);
      if (!made.stays.some((stay) => stay.kind === 'session')) expect(budgets.boothMin.planned).toBe(0);
    });
  });

  test('what is bought covers what is needed, and each liquid’s ready mix its net need', () => {
    each((_job, made) => {
      for (const line of made.shopping) expect(line.buy!.amount).toBeGreaterThanOrEqual(line.need - 1e-6);
      for (const session of made.sessions) {
        expect(session.readyL).toBeGreaterThan(session.netL * 1.1);
        expect(session.batches * session.batchLimitL).toBeGreaterThanOrEqual(session.netL * 1.1 - 1e-6);
      }
    });
  });

  test('the film is never negative and every coat belongs to a session', () => {
    each((_job, made) => {
      for (const section of made.sections)
        for (const layer of section.layers) {
          expect(layer.coats).toBeGreaterThanOrEqual(0);
          expect(layer.dryUm).toBeGreaterThan(0);
        }
      for (const step of made.steps.filter((one) => one.coat))
        expect(made.sessions.some((one) => one.session === step.coat!.session)).toBe(true);
    });
  });
});

describe('more is never less', () => {
  const coach = (over: Parameters<typeof jobFixture>[0] = {}, sections = {}) =>
    plan(jobFixture(over, sections));

  test('a longer coach has more area, more labour and more materials', () => {
    const [short, long] = [6, 9].map((length) => coach({ dimensions: { length } }));
    for (const figure of [
      (one: Plan) => one.sections.reduce((sum, section) => sum + section.outsideM2, 0),
      (one: Plan) => one.budgets.labourMin.planned,
      (one: Plan) => one.budgets.materialsMinor.planned,
    ])
      expect(figure(long!)).toBeGreaterThan(figure(short!));
  });

  test('a higher level costs more hours; deeper costs more than scuffing', () => {
    const hours = levels.slice(1).map((level) => coach({ level }).budgets.labourMin.planned);
    expect(hours).toEqual([...hours].sort((a, b) => a - b));
    const [scuffed, bare] = [coach({}, { depth: 'scuff' }), coach({}, { depth: 'bare' })];
    expect(scuffed.budgets.labourMin.planned).toBeLessThan(bare.budgets.labourMin.planned);
  });

  test('one more painter does not end this job later', () => {
    const people = [
      ...demoShop.people,
      {
        id: 'zz-extra',
        name: 'Extra',
        skills: ['paint', 'prep'],
        pace: 1,
        daysOff: [],
        hours: null,
      } as (typeof demoShop.people)[number],
    ];
    const job = jobFixture({ level: 'Road' });
    expect(plan(job, { shop: { ...demoShop, people } }).finish!).toBeLessThanOrEqual(plan(job).finish!);
  });
});
