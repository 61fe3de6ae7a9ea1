import fc from 'fast-check';
import { shelfOf, standardShelf } from '.';
import {
  paletteLimitKg,
  spreadKgPerM2,
  spreadMinPerKg,
  spreadPlan,
  workingLifeMin,
  type SpreadFigures,
} from './spread-by-hand';

const shelf = shelfOf(standardShelf);
const filler = shelf.get('filler')!.coating!;
const fairing = shelf.get('fairing')!.coating!;
const usual: SpreadFigures = {
  depthMm: 1.2,
  left: 0.1,
  paletteKg: 0.25,
  hardener: 0.025,
  mixMin: 1,
  spreadKgPerMin: 0.12,
};

test('1.2 mm of 1.8 kg/L with a tenth left on the palette are 2.4 kg a square metre', () => {
  expect(spreadKgPerM2(1.8, usual)).toBeCloseTo(2.4, 12);
  expect(spreadKgPerM2(1.8, { ...usual, depthMm: 2, left: 0 })).toBeCloseTo(3.6, 12);
});

test('0.8 m² at 1.5 mm, nothing left: 2.16 kg, nine palettes of 240 g with 6 g of hardener, soft for 5 minutes at 20 °C', () => {
  const figures = { ...usual, depthMm: 1.5, left: 0 };
  const plan = spreadPlan(filler, 0.8, spreadKgPerM2(1.8, figures), 20, { figures, hasPaste: true });
  expect(plan.massKg).toBeCloseTo(2.16, 9);
  expect(plan.palettes).toBe(9);
  expect(plan.paletteKg).toBeCloseTo(0.24, 9);
  expect(plan.hardenerG).toBeCloseTo(6, 9);
  expect(plan.lifeMin).toBeCloseTo(5, 9);
  // 2.16 kg × (1 min ÷ 0.25 kg + 1 ÷ 0.12 kg/min) = 2.16 × 12.3333 = 26.64.
  expect(plan.minutes).toBeCloseTo(26.64, 9);
  expect(plan.faults).toEqual([]);
});

test('ten degrees more halve the time, 3 % hardener takes (2.5/3)² of it; then less is mixed at a time', () => {
  expect(workingLifeMin(filler, 30, 0.025)).toBeCloseTo(2.5, 9);
  // 2.5 × 0.694444 = 1.736111; 0.12 kg a minute are 0.208333 kg.
  expect(workingLifeMin(filler, 30, 0.03)).toBeCloseTo(1.736111, 6);
  expect(paletteLimitKg(workingLifeMin(filler, 30, 0.03), usual)).toBeCloseTo(0.208333, 6);
  expect(paletteLimitKg(workingLifeMin(filler, 20, 0.025), usual)).toBe(0.25);
});

test('epoxy compound has a hardener of its own: no paste, and 40 minutes', () => {
  const plan = spreadPlan(fairing, 1, 1.2, 20, { figures: usual, hasPaste: false });
  expect(plan).toMatchObject({ hardenerG: null, palettes: 5, lifeMin: 40, faults: [] });
});

test('each fault says its figure and limit, and the limits themselves are none', () => {
  const faults = (airC: number, over: Partial<SpreadFigures> = {}) =>
    spreadPlan(filler, 1, 1, airC, { figures: { ...usual, ...over }, hasPaste: true }).faults;
  expect(faults(9)).toEqual([{ fault: 'too-cold', figure: 9, limit: 10, unit: '°C' }]);
  expect(faults(36)).toEqual([{ fault: 'too-hot', figure: 36, limit: 35, unit: '°C' }]);
  expect(faults(20, { hardener: 0.04, depthMm: 4 })).toEqual([
    { fault: 'hardener-high', figure: 4, limit: 3, unit: '%' },
    { fault: 'too-thick', figure: 4, limit: 3, unit: 'mm' },
  ]);
  expect(faults(20, { hardener: 0.01 })).toMatchObject([{ fault: 'hardener-low', figure: 1, limit: 2 }]);
  expect([...faults(10), ...faults(35), ...faults(20, { hardener: 0.03, depthMm: 3 })]).toEqual([]);
});

test('a hotter day never lengthens a palette, more depth never takes less, a larger palette never more time', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.double({ min: 0.1, max: 6, noNaN: true }),
      (airC, more, depthMm) => {
        expect(workingLifeMin(filler, airC + more, 0.025)!).toBeLessThanOrEqual(
          workingLifeMin(filler, airC, 0.025)! + 1e-9,
        );
        expect(spreadKgPerM2(1.8, { ...usual, depthMm: depthMm + more })).toBeGreaterThanOrEqual(
          spreadKgPerM2(1.8, { ...usual, depthMm }),
        );
        expect(spreadMinPerKg(0.1 + more, usual)).toBeLessThanOrEqual(spreadMinPerKg(0.1, usual));
      },
    ),
  );
});
