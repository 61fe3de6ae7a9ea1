import { figuresFrom } from '../figures';
import { completeSheet } from '../film';
import type { Place } from '../shop';
import { bareMetalLimit } from './stripping';
import { airsOf, longestWait, monthsOf, shortestWindow } from './place-air';

const sheet = completeSheet({
  family: 'clear',
  method: 'spray',
  dryUm: 30,
  sheetC: 20,
  minAirC: 12,
  maxAirC: 35,
  potLifeMin: 90,
  flashMin: 10,
  dustFreeMin: 60,
  recoatMaxMin: 1440,
  sandAfterMin: 720,
  coatsPerSession: 3,
  mix: [{ label: 'clear', parts: 1, volumeSolids: 0.5 }],
});
const shift = { startMin: 450, endMin: 990 };
const air = (workC: number, nightC: number) => ({ workC, nightC, humidity: 60 });

test('a job from November to January may see three months, over the turn of the year too', () => {
  expect(monthsOf('2026-11-23', '2027-01-22')).toEqual([10, 11, 0]);
  expect(monthsOf('2026-05-01', '2026-05-30')).toEqual([4]);
});

test('a place without a profile has one air; with one, those of the months', () => {
  const place: Omit<Place, 'profile'> = {
    id: 'b',
    name: 'B',
    kind: 'bay',
    lengthM: 8,
    widthM: 4,
    heightM: 3,
    airC: 18,
    forecast: [],
    zone: null,
    airWith: [],
    outdoors: false,
    closed: [],
    rented: null,
  };
  expect(airsOf({ ...place, profile: null }, [0, 1])).toEqual([{ workC: 18, nightC: 18, humidity: 50 }]);
  const profile = Array.from({ length: 12 }, (_, month) => air(10 + month, month));
  expect(airsOf({ ...place, profile }, [0, 11]).map((one) => one.workC)).toEqual([10, 21]);
});

test('a flash is taken by day, a long wait runs into the cold night', () => {
  expect(longestWait(sheet, 'flashMin', [air(20, 5)], shift)).toBe(10);
  // From 16:30: 15 h at 12 °C pass 15/20.89 = 0.7180, 0.2820 × 12 h = 3.384 h by day: 15 h + 204 min.
  expect(longestWait(sheet, 'sandAfterMin', [air(20, 12)], shift)).toBe(900 + 204);
  expect(longestWait(sheet, 'sandAfterMin', [air(20, 20)], shift)).toBe(720);
});

test('the coldest month decides the wait, the warmest the window; outside the limits there is neither', () => {
  const months = [air(14, 14), air(28, 28)];
  // 720 × 2^0.6 = 1091.3, and 1440 / 2^0.8 = 827.06.
  expect(longestWait(sheet, 'sandAfterMin', months, shift)).toBe(1092);
  expect(shortestWindow(sheet, 'recoatMaxMin', months)).toBe(827);
  expect(longestWait(sheet, 'sandAfterMin', [air(8, 2)], shift)).toBeNull();
  expect(shortestWindow(sheet, 'recoatMaxMin', [air(40, 30)])).toBeNull();
});

test('bare steel waits 8 h in dry air, 4 h above 60 % and 2 h above 75 %; aluminium a day; laminate does not flash over', () => {
  expect([40, 60, 61, 75, 80].map((humidity) => bareMetalLimit('steel', humidity))).toEqual([
    480, 480, 240, 240, 120,
  ]);
  expect(bareMetalLimit('aluminium', 50)).toBe(1440);
  expect(bareMetalLimit('laminate', 50)).toBeNull();
});

test('a shop that calls air damp above 50 % and gives steel two fifths of its hours there has 192 minutes at 55 %', () => {
  const figures = figuresFrom([
    { key: 'bare.damp-from', scope: 'shop', of: '', value: 0.5 },
    { key: 'bare.damp-share', scope: 'section', of: 'roof', value: 0.4 },
  ]);
  expect(bareMetalLimit('steel', 55, figures, { section: 'roof' })).toBe(192);
  expect(bareMetalLimit('steel', 50, figures, { section: 'roof' })).toBe(480);
  // Elsewhere the trade's half holds.
  expect(bareMetalLimit('steel', 55, figures, { section: 'sides' })).toBe(240);
});
