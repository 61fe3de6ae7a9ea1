import { jobFixture } from '../job.fixture';
import { lotsOf, partsOfJob } from '../survey';
import { surfacesOf } from '.';

const job = jobFixture({ bodyKind: 'saloon' });
const { parts, sections } = lotsOf(job, partsOfJob(job));
const surfaces = surfacesOf(parts, sections);

test('a panel has an outside and, where it has an inside, that too: no area is lost or counted twice', () => {
  const area = (face: string) =>
    surfaces.filter((one) => one.face === face).reduce((sum, one) => sum + one.areaM2, 0);
  expect(area('outside')).toBeCloseTo(
    parts.reduce((sum, part) => sum + part.outsideM2, 0),
    9,
  );
  expect(area('inside')).toBeCloseTo(
    parts.reduce((sum, part) => sum + part.insideM2, 0),
    9,
  );
  const blind = parts.find((part) => part.insideM2 === 0);
  if (blind) expect(surfaces.some((one) => one.key === `${blind.key}.inside`)).toBe(false);
  expect(new Set(surfaces.map((one) => one.key)).size).toBe(surfaces.length);
});

test('lengths stand by their kind on the outside, and an inside has none', () => {
  const part = { ...parts[0]!, trimM: 4, beadM: 3, rivetM: 2, seamM: 1, insideM2: 0.5 };
  const [outside, inside] = surfacesOf([part], sections);
  expect(outside!.lengthsM).toEqual({ trim: 4, bead: 3, rivet: 2, seam: 1, field: 0 });
  expect(inside!.lengthsM).toEqual({ trim: 0, bead: 0, rivet: 0, seam: 0, field: 0 });
});

test('panels of a body stand together, loose ones each by itself; a panel of no section has no surface', () => {
  const loose = sections.map((one) => ({ ...one, loose: true }));
  const [a, b] = parts;
  expect(new Set(surfacesOf([a!, b!], sections).map((one) => one.body)).size).toBe(1);
  expect(new Set(surfacesOf([a!, b!], loose).map((one) => one.body))).toEqual(new Set([a!.key, b!.key]));
  expect(surfacesOf([{ ...a!, section: 'nowhere' }], sections)).toEqual([]);
});
