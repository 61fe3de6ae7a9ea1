import { demoShop } from '../../demo/shop';
import { usualFilmFigures, type ClearBudget } from '../film';
import { jobFixture } from '../job.fixture';
import type { Plan, PlannedStep } from '../plan/model';
import type { FilmReading, Job } from '../record';
import { minuteAt } from '../units';
import { partFromOutline } from '../vehicle';
import { filmRecord } from '.';

const zone = demoShop.timeZone;
const base = jobFixture({ bodyKind: 'saloon', level: 'Show' });
const section = { ...base.sections[0]!, depth: 'bare' as const, oldFinish: 'none' as const };

/** Two of 15 µm, then four clears of 25 that lose 12 to the ladder, 10 between sessions and 4 to the second look. */
const clear: ClearBudget = {
  coats: 4,
  flatCoats: 3,
  edgeCoats: 4,
  tapeThrough: 2000,
  removedFlatUm: 12,
  betweenUm: 10,
  sessions: { most: 2, cut: true },
  leftFlatUm: 74,
  leftEdgeUm: 44,
  figures: usualFilmFigures,
};
// A metre square.
const panel = partFromOutline({
  key: 'A1',
  name: 'roof',
  section: section.key,
  side: 'top',
  shape: 'flat',
  outline: [
    [2, 3],
    [3, 3],
    [3, 4],
    [2, 4],
  ],
});
const layer = (role: 'colour' | 'clear', coats: number, dryUm: number) => ({
  role,
  product: role,
  name: role,
  coats,
  dryUm,
  typed: false,
  computedCoats: coats,
});
const step = (over: Partial<PlannedStep>): PlannedStep =>
  ({
    key: 'clear',
    sections: [section.key],
    skipped: false,
    coat: null,
    grit: null,
    state: 'done',
    operation: '',
    phase: 'clear',
    leaves: null,
    end: minuteAt('2027-01-10', 900, zone),
    ...over,
  }) as unknown as PlannedStep;
const coat = step({ coat: { role: 'clear' } as unknown as PlannedStep['coat'] });
const planOf = (steps: PlannedStep[]): Plan =>
  ({
    parts: [panel],
    steps,
    sections: [
      {
        section: section.key,
        base: section.key,
        name: 'Roof',
        level: 'Show',
        layers: [layer('colour', 2, 15), layer('clear', 4, 25)],
        clear,
      },
    ],
  }) as unknown as Plan;

const reading = (um: number, at: [number, number] | null, onDate = '2027-01-12'): FilmReading => ({
  id: `r${um}`,
  part: 'A1',
  um,
  fromLeftMm: at?.[0] ?? null,
  fromTopMm: at?.[1] ?? null,
  gauge: 'magnetic',
  source: 'typed',
  onDate,
});
const jobWith = (readings: FilmReading[]): Job => ({ ...base, sections: [section], readings });
const of = (readings: FilmReading[], steps = [coat]) =>
  filmRecord(jobWith(readings), planOf(steps), demoShop)[0]!;

test('planned: 30 of colour and 100 − 26 of clear on flats, 18 and 60 − 16 on edges; stop at 30 + 45 and 18 + 30', () => {
  expect(of([])).toMatchObject({
    part: 'A1',
    section: section.name,
    planned: { flatUm: 104, edgeUm: 62 },
    stop: { flatUm: 75, edgeUm: 48 },
    lowestUm: null,
    roomUm: null,
  });
});

test('one point lies 4 under the line; an edge is held against its own line; the least room is said', () => {
  const record = of([reading(104, [500, 300]), reading(71, [400, 400]), reading(50, [10, 300])]);
  expect(record.points.map((one) => [one.um, one.onEdge, one.belowUm])).toEqual([
    [104, false, 0],
    [71, false, 4],
    [50, true, 0],
  ]);
  // Of the flats, 104 and 71, the middle is 87.5.
  expect(record).toMatchObject({ lowestUm: 71, lowestEdgeUm: 50, medianUm: 87.5, roomUm: -4 });
});

test('25 mm from an edge is the edge, 26 mm is not; a reading without a place counts as flat', () => {
  const record = of([reading(60, [25, 500]), reading(61, [26, 500]), reading(62, null)]);
  expect(record.points.map((one) => one.belowUm)).toEqual([0, 14, 13]);
});

test('what was read before the last coat was of another film, and while a coat is to come nothing counts', () => {
  expect(of([reading(300, null, '2027-01-09')]).points).toEqual([]);
  expect(of([reading(100, null, '2027-01-10')]).points).toHaveLength(1);
  const ahead = step({ ...coat, key: 'clear-4', state: 'planned' });
  expect(of([reading(100, null)], [coat, ahead]).points).toEqual([]);
});

test('what was polished after it was read is said to be less than it says', () => {
  const grit = { nth: 1, of: 1 } as unknown as PlannedStep['grit'];
  const polish = (day: string) => step({ key: 'polish', grit, end: minuteAt(day, 900, zone) });
  expect(of([reading(100, null)], [coat, polish('2027-01-12')]).isStale).toBe(false);
  expect(of([reading(100, null)], [coat, polish('2027-01-13')]).isStale).toBe(true);
});
