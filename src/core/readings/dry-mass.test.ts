import { demoShop } from '../../demo/shop';
import { figuresFrom, usualFigures } from '../figures';
import { shelfOf, standardShelf, type Product } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { blankSurvey, type FilmReading, type Job } from '../record';
import { minuteAt } from '../units';
import { dryMass } from './dry-mass';

const dimensions = { length: 6.8, span: 9.2, height: 2.1 };
const base = jobFixture({ bodyKind: 'low-wing', dimensions }, { depth: 'bare' });
const planOf = (job: Job, shelf = shelfOf(standardShelf)) =>
  planJob({
    job,
    shop: demoShop,
    shelf,
    now: minuteAt('2026-11-25', 600, demoShop.timeZone),
    commitments: [],
    agreedStarts: new Map(),
  });
const shelf = shelfOf(standardShelf);
const reading = (part: string, um: number, id: string): FilmReading =>
  ({
    id,
    part,
    um,
    spot: '',
    onDate: '2026-11-20',
    gauge: 'eddy',
    by: '',
    source: 'typed',
  }) as unknown as FilmReading;
const job: Job = {
  ...base,
  surveyed: [
    { ...blankSurvey('F1L'), armM: 5.1 },
    { ...blankSurvey('W1LU'), armM: 1.8 },
  ],
  readings: [reading('F1L', 142, 'a'), reading('F1L', 150, 'b'), reading('F1L', 139, 'c')],
};
const plan = planOf(job);

test('a trainer gets 128 g a m²: 20 µm of epoxy at 1.9 kg/L, twice 30 µm of topcoat at 1.5', () => {
  const { panels, laidKg, unknownProducts } = dryMass(plan, job, shelf, usualFigures);
  const area = plan.parts.reduce((sum, part) => sum + part.outsideM2, 0);
  expect(unknownProducts).toEqual([]);
  expect(laidKg).toBeCloseTo(0.128 * area, 6);
  // Fuselage 1, left: 1.7 m × half the mean of 0.28 and 0.55 of a girth of 4.095 m × 1.05 = 1.5167 m².
  const first = panels.find((one) => one.part === 'F1L')!;
  expect(first.laidKg).toBeCloseTo(1.516737 * 0.128, 6);
});

test('what is stripped is the median of its readings at 1.5 kg/L; the moment is of the difference, where the arm is known', () => {
  const { panels, removedKg, momentKgM } = dryMass(plan, job, shelf, usualFigures);
  const of = (key: string) => panels.find((one) => one.part === key)!;
  // 142 µm × 1.5 = 213 g a m².
  expect(of('F1L').removedKg).toBeCloseTo(1.516737 * 0.213, 6);
  expect(of('F1L').momentKgM).toBeCloseTo(1.516737 * (0.128 - 0.213) * 5.1, 6);
  // Nobody has read the wing: nothing is guessed, and it has no moment though its arm is known.
  expect([of('W1LU').removedKg, of('W1LU').momentKgM]).toEqual([null, null]);
  expect(removedKg).toBeCloseTo(of('F1L').removedKg!, 9);
  expect(momentKgM).toBeCloseTo(of('F1L').momentKgM!, 9);
});

test('a lighter flake, typed for the shop, takes less off', () => {
  const figures = figuresFrom([{ key: 'mass.old-film', scope: 'shop', of: '', value: 1.2 }], []);
  const { panels } = dryMass(plan, job, shelf, figures);
  expect(panels.find((one) => one.part === 'F1L')!.removedKg).toBeCloseTo(1.516737 * 0.1704, 6);
});

test('a product without the density of its dry film is named, and weighs nothing in the sums', () => {
  const silent = standardShelf.map((one): Product =>
    one.code === 'aircraft-topcoat' && one.coating
      ? { ...one, coating: { ...one.coating, dryDensityKgL: null } }
      : one,
  );
  const found = dryMass(plan, job, shelfOf(silent), usualFigures);
  expect(found.unknownProducts).toEqual(['aircraft-topcoat']);
  expect(found.panels.every((one) => one.laidKg === null)).toBe(true);
  expect(found.laidKg).toBe(0);
});
