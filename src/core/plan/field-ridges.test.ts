import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { unchosenColour, type Job } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { stackOf } from '../steps';
import { minuteAt } from '../units';
import { fieldRidges } from './field-ridges';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } });
const colours = (over: Partial<Job['colours'][number]>) => [
  { ...unchosenColour, name: 'Body' },
  { ...unchosenColour, id: 'band', name: 'Band', ...over },
];

/** What is told of a band on a car at Show, all under one clear. */
function ridges(over: Partial<Job['colours'][number]>, clear?: number) {
  const sections = base.sections.map((one) => ({
    ...one,
    level: 'Show' as const,
    coats: clear === undefined ? one.coats : { ...one.coats, clear },
  }));
  const job: Job = {
    ...base,
    sections,
    colours: colours(over),
    constructions: [taperedBand({ colour: 'band' })],
  };
  const ready = readyJob(job, { shop: demoShop, shelf }, minuteAt('2026-11-23', 600, demoShop.timeZone));
  return fieldRidges(ready.job, ready.sections, ready.parts, (area) => stackOf(area, shelf));
}

test('colours of the same film make no step at their line', () => {
  expect(ridges({})).toEqual([]);
});

test('each coat more of one colour is a step of its film, and takes so much of the clear over the line', () => {
  const planned = 3;
  // The body gets three coats of base of 14 µm: eight of the band stand five higher, 70 µm.
  const [ridge, ...rest] = ridges({ coats: 8 }, planned);
  expect(rest).toEqual([]);
  expect(ridge).toMatchObject({ colours: ['Body', 'Band'], planned, limitUm: 30 });
  expect(ridge!.ridgeUm).toBe(70);
  // As many clears as it asks for leave what an edge keeps, one fewer does not.
  expect(ridges({ coats: 8 }, ridge!.coats)).toEqual([]);
  expect(ridges({ coats: 8 }, ridge!.coats - 1)).toHaveLength(1);
  // One coat of the band more takes one coat of base more from what is left.
  const [higher] = ridges({ coats: 9 }, planned);
  expect(ridge!.leftUm - higher!.leftUm).toBe(14);
  expect(ridge!.panels.length).toBeGreaterThan(1);
});
