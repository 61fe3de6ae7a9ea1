import { dated, demoJobs } from '../../demo/jobs';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { planJob } from '../plan';
import { looseParts, rackRoomM2, racksFullAt } from './loose-parts';
import type { PlannedStep } from '../plan/model';
import { outdoorBakes } from './outdoor-bake';
import { turnedSpans } from './turned';
import { minuteAt } from '../units';

const shelf = shelfOf(standardShelf);
const step = (over: Partial<PlannedStep>) =>
  ({ operation: 'turn-over', skipped: false, hold: null, ...over }) as PlannedStep;
const stay = (place: string, start: number, end: number) => ({ key: place, place, start, end }) as never;

describe('turned over', () => {
  const places = [
    { id: 'bay', widthM: 4.5, heightM: 4 },
    { id: 'low', widthM: 6, heightM: 3 },
  ];
  const turns = [step({ start: 100, end: 190 }), step({ start: 5000, end: 5090 })];
  const size = { widthM: 2.8, heightM: 2.1 };

  test('a hull of 2.8 × 2.1 m needs 3.5 m; it lies on its deck from the end of one turning to the next', () => {
    const [span] = turnedSpans({ steps: turns, stays: [stay('bay', 0, 9000)] }, size, places);
    expect(span).toEqual({ from: 190, to: 5000, place: 'bay', clearM: 3.5, fits: true });
    expect(turnedSpans({ steps: turns, stays: [stay('low', 0, 9000)] }, size, places)[0]!.fits).toBe(false);
  });

  test('turned once it is told that nothing turns it back; a skipped turning is none; in the yard nobody judges', () => {
    expect(turnedSpans({ steps: turns.slice(0, 1), stays: [] }, size, places)).toEqual([
      { from: 190, to: null, place: null, clearM: 3.5, fits: null },
    ]);
    expect(turnedSpans({ steps: [step({ skipped: true })], stays: [] }, size, places)).toEqual([]);
  });
});

describe('loose parts', () => {
  const job = {
    number: 'P-1',
    sections: [
      { key: 'body', loose: false },
      { key: 'wings', name: 'Wings', loose: true },
    ],
  } as never;
  const plan = {
    finish: 9000,
    parts: [
      { key: 'G1', section: 'wings', outsideM2: 1.2 },
      { key: 'G2', section: 'wings:2', outsideM2: 0.8 },
      { key: 'R1', section: 'body', outsideM2: 9 },
    ],
    steps: [
      { operation: 'strip-down', sections: ['wings'], start: 0, end: 300 },
      { operation: 'refit', sections: ['body', 'wings'], start: 7000, end: 7500 },
    ],
  } as never;

  test('two wings of 2 m² take 0.7 m² of rack from the end of stripping down until they are fitted', () => {
    expect(looseParts(job, plan)).toEqual([
      { job: 'P-1', section: 'Wings', panels: 2, areaM2: 2, from: 300, to: 7000, floorM2: 0.7 },
    ]);
  });

  test('half a bench room of 6 × 4 m is 12 m²; the first minute at which jobs together take more is told', () => {
    const roomM2 = rackRoomM2([
      { kind: 'bench', lengthM: 6, widthM: 4 },
      { kind: 'bay', lengthM: 9, widthM: 9 },
    ]);
    expect(roomM2).toBe(12);
    const one = (of: string, from: number, to: number, floorM2: number) => ({
      job: of,
      section: '',
      panels: 1,
      areaM2: 0,
      from,
      to,
      floorM2,
    });
    const all = [one('A', 0, 500, 7), one('B', 200, 900, 6), one('C', 500, 900, 6)];
    expect(racksFullAt(all, roomM2, 100)).toEqual({ at: 200, jobs: ['A', 'B'], neededM2: 13 });
    expect(racksFullAt(all, roomM2, 500)).toBeNull();
  });
});

describe('baking outdoors', () => {
  const job = { ...dated(demoJobs[1]!, '2026-11-23') };
  const now = minuteAt(job.arrival, 0, demoShop.timeZone);
  const withYard = (workC: number, nightC: number) => ({
    ...demoShop,
    places: [
      ...demoShop.places,
      {
        ...demoShop.places[0]!,
        id: 'court',
        name: 'Court',
        kind: 'yard' as const,
        outdoors: true,
        profile: Array.from({ length: 12 }, () => ({ workC, nightC, humidity: 50 })),
      },
    ],
  });
  const planned = (shop: typeof demoShop) =>
    planJob({ job, shop, shelf, now, commitments: [], agreedStarts: new Map() });

  test('is proposed where it is warm enough by day and night, with the shorter wait', () => {
    const shop = withYard(32, 26);
    const bakes = outdoorBakes(planned(shop), shop, shelf, now);
    expect(bakes.length).toBeGreaterThan(0);
    for (const one of bakes) {
      expect(one.place).toBe('court');
      expect(one.plannedMin - one.outdoorsMin).toBeGreaterThanOrEqual(240);
    }
  });

  test('is not proposed in winter air, nor by a shop that has no place outdoors', () => {
    const shop = withYard(6, 0);
    expect(outdoorBakes(planned(shop), shop, shelf, now)).toEqual([]);
    expect(outdoorBakes(planned(demoShop), demoShop, shelf, now)).toEqual([]);
  });
});
