import { demoShop } from '../../demo/shop';
import { jobFixture } from '../job.fixture';
import { shelfOf, standardShelf } from '../film';
import { blankSurvey, withJobSchools, type Job, type JobSection, type PartSurvey } from '../record';
import { minuteAt } from '../units';
import { planJob } from '.';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const job = jobFixture({ bodyKind: 'saloon', level: 'Show' });

/** What a plan comes to: its work, its film, its money, its day, and what it warns of. */
function told(given: Job): string {
  const plan = planJob({
    job: withJobSchools(given),
    shop: demoShop,
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  return JSON.stringify([
    plan.steps.map((one) => [
      one.key,
      one.operation,
      one.personMinutes,
      one.minutes,
      one.start,
      one.needs,
      one.coat,
    ]),
    plan.sections,
    plan.budgets,
    plan.lateDays,
    plan.warnings,
  ]);
}
const plain = told(job);
const section = (set: Partial<JobSection>): Job => ({
  ...job,
  sections: job.sections.map((one) => (one.key === 'shell' ? { ...one, ...set } : one)),
});
const panel = (set: Partial<PartSurvey>): Job => ({
  ...job,
  surveyed: [{ ...blankSurvey('QL'), ...set }],
});
/** The survey of a panel that says nothing new; tests on old paint are asked for either way. */
const silent = told(panel({}));

describe('what is typed of a section is used', () => {
  test.each<[string, Partial<JobSection>]>([
    ['level', { level: 'Road' }],
    ['substrate', { substrate: 'aluminium' }],
    ['old finish', { oldFinish: 'lacquer' }],
    ['how far down', { depth: 'stable' }],
    ['coat system', { system: 'silver-clear' }],
    ['a count of coats', { coats: { clear: 6 } }],
    ['a grit sequence', { ladder: 'discs' }],
    ['rounds of filling', { rounds: { filler: 4 } }],
    ['rounds of blocking', { rounds: { build: 1 } }],
    ['a method', { schools: { 'filler-sanding': 'wet' } }],
    ['standing by itself', { group: 'shell', loose: true }],
    ['another colour than beside it', { colour: 'slate' }],
  ])('%s', (_what, set) => {
    expect(told(section(set))).not.toBe(plain);
  });
});

describe('what is typed of a panel is used', () => {
  test.each<[string, Partial<PartSurvey>]>([
    ['that it is left out', { absent: true }],
    ['substrate', { substrate: 'galvanised' }],
    ['level', { level: 'Work' }],
    ['how far down', { depth: 'scuff' }],
    ['how it is stripped', { method: 'chemical' }],
    ['another section', { section: 'closures' }],
    ['a lot of its own', { lot: 'later' }],
    ['that it will be covered', { visibility: 'lined' }],
    ['by when it is covered', { coveredBy: 'lining', coveredOn: '2026-11-30' }],
    ['a spot that is not stripped', { reference: 'stencil' }],
    ['a lead test', { leadTest: 'positive' }],
    ['inside area', { insideM2: 2 }],
    ['trim', { trimM: 9 }],
    ['seams', { seamM: 9 }],
    ['beads', { beadM: 9 }],
    ['rivet rows', { rivetM: 9 }],
  ])('%s', (_what, set) => {
    expect(told(panel(set))).not.toBe(silent);
  });
});

test('the order of two colours is used: what is painted first is covered for the second', () => {
  const two: Job = { ...job, sections: job.sections.map((one) => ({ ...one, colour: one.key })) };
  const [first, second] = two.sections.map((one) => one.key) as [string, string];
  const starts = (colourOrder: string[]) => {
    const plan = planJob({
      job: withJobSchools({ ...two, colourOrder }),
      shop: demoShop,
      shelf,
      now,
      commitments: [],
      agreedStarts: new Map(),
    });
    const at = (key: string) => plan.steps.find((step) => step.key === `${key}/paint/colour-1`)!.start;
    return [at(first), at(second)] as const;
  };
  const [a, b] = starts([first, second]);
  expect(a).toBeLessThan(b);
  const [c, d] = starts([second, first]);
  expect(d).toBeLessThan(c);
});

describe('what is typed of the job is used', () => {
  test.each<[string, Partial<Job>]>([
    ['a promise', { promised: '2026-12-01' }],
    ['a measured area', { measured: [{ key: 'QL', outsideM2: 3 }] }],
    ['a method for all sections', { schools: { clears: 'cut-and-clear' } }],
  ])('%s', (_what, set) => {
    expect(told({ ...job, ...set })).not.toBe(plain);
  });
});
