import { demoShop } from '../../demo/shop';
import type { TypedFigure } from '../figures';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import type { Job } from '../record';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ level: 'Road' }, { depth: 'bare' });
const places = demoShop.places.map((one) => ({ ...one, airC: 20, profile: null, forecast: [] }));
const build = (figures: TypedFigure[] = [], over: Partial<Job> = {}, airC = 20) => {
  const job = { ...base, figures, ...over };
  const shop = { ...demoShop, places: places.map((one) => ({ ...one, airC })) };
  return buildSteps({ job, parts: partsOfJob(job), shop, shelf });
};
const fillOf = (made: ReturnType<typeof build>) => made.steps.find((step) => step.operation === 'fill')!;
const ofJob = (key: TypedFigure['key'], value: number): TypedFigure => ({ key, scope: 'job', of: '', value });

test('a step of filler says its palettes: 15 % of the area at 1.2 mm, 2.4 kg a square metre', () => {
  const step = fillOf(build());
  const areaM2 = step.figure.quantity * 0.15;
  expect(step.spread).toMatchObject({ product: 'filler', airC: 20, depthMm: 1.2, lifeMin: 5 });
  expect(step.spread!.areaM2).toBeCloseTo(areaM2, 9);
  expect(step.spread!.massKg).toBeCloseTo(areaM2 * 2.4, 9);
  expect(step.spread!.palettes).toBe(Math.ceil((areaM2 * 2.4) / 0.25));
  expect(step.needs.find((one) => one.product === 'filler')!.amount).toBeCloseTo(areaM2 * 2.4, 9);
  expect(step.figure.rate).toBe(45);
});

test('twice as deep is twice the mass, and 2.4 kg × 12.3333 min longer a filled square metre', () => {
  const step = fillOf(build([ofJob('filler.depth', 2.4)]));
  expect(step.spread!.massKg).toBeCloseTo(step.spread!.areaM2 * 4.8, 9);
  // 45 + 2.4 × (1/0.25 + 1/0.12) = 45 + 29.6 = 74.6.
  expect(step.figure.rate).toBeCloseTo(74.6, 9);
});

test('a rate typed for the job stands, and the depth counts beside it', () => {
  const rates = { fill: 30 };
  expect(fillOf(build([], { rates })).figure.rate).toBe(30);
  expect(fillOf(build([ofJob('filler.depth', 2.4)], { rates })).figure.rate).toBeCloseTo(59.6, 9);
});

test('one section filled deeper than another: the step takes the sum of both', () => {
  const [first] = base.sections;
  const deep: TypedFigure = { key: 'filler.depth', scope: 'section', of: first!.key, value: 2.4 };
  const made = build([deep]);
  const own = made.steps.filter((step) => step.operation === 'fill');
  const usual = build().steps.filter((step) => step.operation === 'fill');
  expect(own.length).toBeGreaterThan(0);
  for (const step of own) {
    const before = usual.find((one) => one.key === step.key)!;
    const isDeep = step.sections.includes(first!.key);
    expect(step.spread!.massKg).toBeCloseTo(before.spread!.massKg * (isDeep ? 2 : 1), 9);
  }
});

test('too deep for one layer is said with its section, figure and limit; three millimetres are not', () => {
  const faults = (depth: number) =>
    build([ofJob('filler.depth', depth)]).warnings.filter((one) => one.code === 'filler-fault');
  expect(faults(4)[0]).toMatchObject({
    product: 'filler',
    fault: 'too-thick',
    figure: 4,
    limit: 3,
    unit: 'mm',
  });
  expect(faults(3)).toEqual([]);
});

test('in a hot bay smaller palettes are mixed, and that takes longer', () => {
  const [mild, hot] = [fillOf(build()), fillOf(build([], {}, 35))];
  // 5 min × 2^−1.5 = 1.767767; × 0.12 = 0.212132 kg: 2.4 × (1/0.212132 − 1/0.25) = 1.71371 min more.
  expect(hot.figure.rate - mild.figure.rate).toBeCloseTo(1.71371, 4);
  expect(hot.spread!.paletteKg).toBeLessThanOrEqual(0.212132);
});
