import { jobFixture } from '@/core/job.fixture';
import { shelfOf, standardShelf } from '@/core/film';
import { planJob } from '@/core/plan';
import { minuteAt } from '@/core/units';
import { demoShop } from '@/demo/shop';
import { thumbnailOf } from './thumbnail';

const at = (date: string) => minuteAt(date, 480, demoShop.timeZone);
const planOf = (bodyKind: string) => {
  const job = jobFixture({ bodyKind });
  const given = { shop: demoShop, shelf: shelfOf(standardShelf), commitments: [], agreedStarts: new Map() };
  return { job, plan: planJob({ job, ...given, now: at('2026-11-23') }) };
};

test('one shape a section, old before any work and coloured or finished when all of it is done', () => {
  const { job, plan } = planOf('box-body');
  const before = thumbnailOf(job, plan, at('2026-11-22'))!;
  expect(before.shapes.map((shape) => shape.state)).toEqual(['old', 'old']);
  const after = thumbnailOf(job, plan, plan.finish!)!;
  for (const shape of after.shapes) expect(['colour', 'clear', 'sanded', 'polished']).toContain(shape.state);
});

test('every panel of a section is in its shape, openings too, within the picture', () => {
  const { job, plan } = planOf('saloon');
  const small = thumbnailOf(job, plan, at('2026-11-22'))!;
  const rings = small.shapes.map((shape) => shape.d.split('Z').length - 1);
  const expected = plan.sections.map(({ section }) =>
    plan.parts
      .filter((part) => part.section === section)
      .reduce((sum, part) => sum + 1 + part.holes.length, 0),
  );
  expect(rings).toEqual(expected);
  const [, , width] = small.viewBox.split(' ').map(Number);
  const xs = small.shapes.flatMap((shape) =>
    [...shape.d.matchAll(/[ML](\d+) /g)].map((match) => Number(match[1])),
  );
  expect(Math.max(...xs)).toBeLessThanOrEqual(width!);
});

test('a job without panels has no small picture', () => {
  const { job, plan } = planOf('loose-parts');
  expect(thumbnailOf(job, plan, 0)).toBeNull();
});
