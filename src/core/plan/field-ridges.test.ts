import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { unchosenColour, type Job } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { stackOf } from '../steps';
import { minuteAt } from '../units';
import { fieldLines } from './field-lines';
import { fieldRidges } from './field-ridges';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } });
const colours = (over: Partial<Job['colours'][number]>) => [
  { ...unchosenColour, name: 'Body' },
  { ...unchosenColour, id: 'band', name: 'Band', ...over },
];

/** What is told of a band on a car at Show, all under one clear; the band goes on first. */
function ridges(band: Partial<Job['colours'][number]>, isFree: boolean, clear?: number) {
  const sections = base.sections.map((one) => ({
    ...one,
    level: 'Show' as const,
    coats: clear === undefined ? one.coats : { ...one.coats, clear },
  }));
  const { key } = sections[0]!;
  const job: Job = {
    ...base,
    sections,
    colours: colours(band),
    constructions: [taperedBand({ colour: 'band' })],
    colourCovers: isFree ? [{ sprayed: `${key}~band`, covered: key }] : [],
  };
  const ready = readyJob(job, { shop: demoShop, shelf }, minuteAt('2026-11-23', 600, demoShop.timeZone));
  const lines = fieldLines(ready.sections, ready.parts, ready.build().programme);
  return { lines, warnings: fieldRidges(ready.job, lines, (area) => stackOf(area, shelf)) };
}

test('a colour that lies on another past its line stands all of its film above it: 25 µm of sealer, 3 × 14 of base', () => {
  const { lines, warnings } = ridges({}, false, 3);
  // Four panels a side, told once each, the body over the band.
  expect(lines).toHaveLength(8);
  for (const { over, a, b } of lines) expect(over).toBe([a, b].find((one) => one.field === undefined));
  expect(warnings).toMatchObject([{ colours: ['Band', 'Body'], ridgeUm: 67, planned: 3, limitUm: 30 }]);
  // As many clears as it asks for leave what an edge keeps, one fewer does not.
  const { coats } = warnings[0]!;
  expect(ridges({}, false, coats).warnings).toEqual([]);
  expect(ridges({}, false, coats - 1).warnings).toHaveLength(1);
});

test('colours kept free of each other make a step of what one film is thicker', () => {
  expect(ridges({}, true).warnings).toEqual([]);
  // The body gets three coats of base of 14 µm: eight of the band stand five higher, 70 µm; each more takes 14 more.
  const [eight] = ridges({ coats: 8 }, true, 3).warnings;
  const [nine] = ridges({ coats: 9 }, true, 3).warnings;
  expect(eight).toMatchObject({ colours: ['Body', 'Band'], ridgeUm: 70 });
  expect(eight!.leftUm - nine!.leftUm).toBe(14);
});
