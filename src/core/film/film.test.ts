import { clearBudget } from './clear-budget';
import { ladders } from './ladder';
import {
  coatLitres,
  dryFilmUm,
  mixedVolumeSolids,
  spreadingRateM2PerL,
  transferEfficiency,
} from './spreading';
import { dewPointC } from './climate';
import { closingAt, waitAcross, waitingAt } from './time-at-temperature';

describe('litres, by hand', () => {
  test('4:1 with 10 % reducer: (4×0.55 + 1×0.45) / 5.5 = 0.4818 volume solids', () => {
    const mix = [
      { label: 'base', parts: 4, volumeSolids: 0.55 },
      { label: 'activator', parts: 1, volumeSolids: 0.45 },
      { label: 'reducer', parts: 0.5, volumeSolids: 0 },
    ];
    expect(mixedVolumeSolids(mix)).toBeCloseTo(2.65 / 5.5, 12);
    expect(mixedVolumeSolids([])).toBe(0);
  });

  test('100 µm wet at 45 % solids dry to 45 µm, and a litre at 45 % and 30 µm spreads over 15 m²', () => {
    expect(dryFilmUm(100, 0.45)).toBeCloseTo(45, 12);
    expect(spreadingRateM2PerL(0.45, 30)).toBeCloseTo(15, 12);
  });

  test('10 m² of 30 µm at 45 % solids, 65 % transfer, take 10 / 15 / 0.65 = 1.0256 L', () => {
    expect(coatLitres(10, 30, 0.45, transferEfficiency('spray', 'flat'))).toBeCloseTo(1.025641, 6);
    expect(coatLitres(10, 30, 0.45, transferEfficiency('roller', 'curved'))).toBeCloseTo(0.716846, 6);
  });
});

describe('times at temperature', () => {
  const sheet = { sheetC: 20, minAirC: 12, maxAirC: 32 };

  test('a wait doubles at 10 °C less, and there is no time outside the limits', () => {
    expect(waitingAt({ ...sheet, minAirC: 5, sandAfterMin: 60 }, 'sandAfterMin', 10)).toBe(120);
    expect(waitingAt({ ...sheet, sandAfterMin: 60 }, 'sandAfterMin', 11)).toBeNull();
    expect(waitingAt({ ...sheet, sandAfterMin: 60 }, 'sandAfterMin', 33)).toBeNull();
    expect(waitingAt(sheet, 'sandAfterMin', 20)).toBeNull();
  });

  test('24 h of recoat window at 20 °C: still 24 h at 12 °C, 13.8 h at 28 °C', () => {
    expect(closingAt({ ...sheet, recoatMaxMin: 1440 }, 'recoatMaxMin', 12)).toBe(1440);
    // 1440 / 2^0.8 = 827.06 minutes
    expect(closingAt({ ...sheet, recoatMaxMin: 1440 }, 'recoatMaxMin', 28)).toBe(827);
    expect(closingAt({ ...sheet, recoatMaxMin: null }, 'recoatMaxMin', 20)).toBeNull();
  });

  test('two points, 16 h at 20 °C and 36 h at 15 °C: the middle is their geometric mean, 24 h at 17.5 °C', () => {
    const cold = { airC: 15, sandAfterMin: 36 * 60, recoatMaxMin: 2000 };
    const two = {
      ...sheet,
      sandAfterMin: 16 * 60,
      recoatMaxMin: 1440,
      morePoints: [cold as never],
    };
    expect(waitingAt(two, 'sandAfterMin', 17.5)).toBe(24 * 60);
    expect(waitingAt(two, 'sandAfterMin', 15)).toBe(36 * 60);
    // A point of the sheet may lengthen a window, going beyond it may not.
    expect(closingAt(two, 'recoatMaxMin', 15)).toBe(2000);
    expect(closingAt(two, 'recoatMaxMin', 12)).toBe(2000);
  });

  test('12 h begun at 16:00, 20 °C by day, 12 °C from 16:30 to 07:30: done at 10:23 the next day', () => {
    const paint = { ...sheet, sandAfterMin: 720 };
    const air = [
      { untilMin: 16 * 60 + 30, airC: 20 },
      { untilMin: 31 * 60 + 30, airC: 12 },
      { untilMin: 40 * 60 + 30, airC: 20 },
    ];
    // 0.5/12 = 0.0417; at 12 °C 12 h × 2^0.8 = 20.89 h, 15/20.89 = 0.7180; left 0.2403 × 12 h = 2.884 h from 07:30.
    expect(waitAcross(paint, 'sandAfterMin', 16 * 60, air)).toBe(30 + 900 + 174);
    // A night below the limits passes nothing: 11.5 h are left at 07:30, nine of them that day, the rest goes on.
    const frost = air.map((one, i) => (i === 1 ? { ...one, airC: 8 } : one));
    expect(waitAcross(paint, 'sandAfterMin', 16 * 60, frost)).toBe(30 + 900 + 690);
    expect(waitAcross(paint, 'sandAfterMin', 16 * 60, [{ untilMin: 0, airC: 8 }])).toBeNull();
  });

  test('dew point: 20 °C at 50 % is 9.3 °C (published tables), at 100 % the air itself', () => {
    expect(dewPointC(20, 50)).toBeCloseTo(9.3, 1);
    expect(dewPointC(25, 100)).toBeCloseTo(25, 9);
  });
});

describe('the clear budget, worked by hand', () => {
  const base = { ladder: ladders.hand, coatUm: 30, productMinimum: 0 };

  test('800 to 5000, cut, two polishes at 30 µm without a level minimum: 3 coats, edges taped through 1500', () => {
    const budget = clearBudget({ ...base, levelMinimum: 0 });
    expect(budget).toMatchObject({ coats: 3, flatCoats: 3, edgeCoats: 3, tapeThrough: 1500 });
    expect(budget.removedFlatUm).toBeCloseTo(32.9, 9);
    // 90 − 32.9 − 4
    expect(budget.leftFlatUm).toBeCloseTo(53.1, 9);
  });

  test('at Show, minimum 4: four coats and edges taped through 800 only', () => {
    const budget = clearBudget({ ...base, levelMinimum: 4 });
    expect(budget).toMatchObject({ coats: 4, tapeThrough: 800 });
    // 4 × 30 × 0.6 − 2 × (8 + 5 + 2.5 + 1.25 + 0.65 + 2 + 0.5 + 0.5) = 72 − 40.8
    expect(budget.leftEdgeUm).toBeCloseTo(31.2, 9);
  });

  test('nothing sanded: the level minimum alone decides', () => {
    expect(clearBudget({ ...base, ladder: ladders.none, levelMinimum: 2 })).toMatchObject({
      coats: 2,
      tapeThrough: null,
    });
  });

  test('discs from 1500 level no texture: (45 + 5 + 1.25 + 2 + 0.5 + 4) / 30 = 1.93, two coats on flats', () => {
    expect(clearBudget({ ...base, ladder: ladders.discs, levelMinimum: 2 }).flatCoats).toBe(2);
  });
});
