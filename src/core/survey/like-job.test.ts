import { demoScenario } from '../../demo/load-demo';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { planJob } from '../plan';
import type { Job, NewJob } from '../record';
import { minuteAt } from '../units';
import { jobLike, netOfJob } from '.';

const now = minuteAt('2026-12-24', 540, demoShop.timeZone);
const pattern: Job = demoScenario(now).jobs.find((one) => one.job.number === 'P-014')!.job;
const given: NewJob = {
  number: 'P-099',
  name: 'Another coach',
  owner: 'M. Cress',
  bodyKind: pattern.bodyKind,
  dimensions: pattern.dimensions,
  level: pattern.level,
  arrival: '2027-03-01',
  promised: '2027-06-01',
  capLabourHours: 0,
  capMaterialsMinor: 0,
  capBoothHours: 0,
};

test('sections, scheme and own figures are the pattern’s; nothing that was found, logged or agreed comes along', () => {
  const job = jobLike(pattern, given);
  expect(job).toMatchObject({ number: 'P-099', owner: 'M. Cress', likeJob: 'P-014', state: 'surveyed' });
  expect(job.sections.map((one) => [one.key, one.system, one.colour])).toEqual(
    pattern.sections.map((one) => [one.key, one.system, one.colour]),
  );
  expect(job.colours).toEqual(pattern.colours);
  expect(job.constructions).toEqual(pattern.constructions);
  for (const list of [
    'log',
    'facts',
    'marks',
    'readings',
    'scope',
    'signOffs',
    'samples',
    'finds',
    'provenance',
  ] as const)
    expect(job[list]).toEqual([]);
  expect(
    job.surveyed.every((one) => one.note === '' && one.leadTest === 'not-tested' && one.reference === ''),
  ).toBe(true);
  expect(job.fittings.every((one) => one.state === 'on')).toBe(true);
});

test('it plans, from the day it arrives, with none of its work done', () => {
  const plan = planJob({
    job: jobLike(pattern, given),
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  expect(plan.steps.length).toBeGreaterThan(50);
  expect(plan.steps.every((step) => step.state === 'planned')).toBe(true);
});

test('at another level the sections of the job’s own level follow it, others keep theirs', () => {
  const job = jobLike(pattern, { ...given, level: 'Mirror' });
  expect(job.sections.map((one) => one.level)).toEqual(
    pattern.sections.map((one) => (one.level === pattern.level ? 'Mirror' : one.level)),
  );
});

test('what was measured is taken along at the same size alone', () => {
  const measured = [{ key: 'B4L', outsideM2: 1.5 }];
  const of = (dimensions: NewJob['dimensions']) =>
    jobLike({ ...pattern, measured }, { ...given, dimensions }).measured;
  const [key, value] = Object.entries(pattern.dimensions)[0]!;
  expect(of(pattern.dimensions)).toEqual(measured);
  expect(of({ ...pattern.dimensions, [key]: value + 0.5 })).toEqual([]);
});

test('of half the length it has fewer panels, and nothing of those it lacks', () => {
  const short = { ...pattern.dimensions, length: pattern.dimensions.length! / 2 };
  const job = jobLike(pattern, { ...given, dimensions: short });
  const keys = new Set(netOfJob(job).map((part) => part.key));
  expect(keys.has('B7L')).toBe(false);
  expect(pattern.surveyed.length + pattern.fittings.length).toBeGreaterThan(0);
  for (const { part } of job.fittings) expect(keys.has(part)).toBe(true);
  for (const { key } of job.surveyed) expect(keys.has(key)).toBe(true);
});
