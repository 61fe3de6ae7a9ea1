import { rectangle } from '../geometry';
import type { LaidLine } from '../record';
import { partFromOutline, type Part } from '../vehicle';
import { fairedMeasure, straightMeasure } from './batten';
import { lineOnStrip, pointsOf } from './laid-line';
import { stationTable } from './station-table';
import { stripOf } from './strip';

const stations = (...list: [number, number][]) => list.map(([atMm, mm]) => ({ atMm, mm }));

describe('a batten bent round its pins', () => {
  // Pins at 0, 1 and 2 m with heights 0, 1 and 0 m: the second derivative in the middle is −3, at the ends 0.
  const batten = fairedMeasure(stations([0, 0], [1000, 1000], [2000, 0]));

  test('goes through its pins, and between them as the natural cubic spline by hand', () => {
    expect([0, 1, 2].map(batten)).toEqual([0, 1, 0]);
    // (0 + 1) / 2 + (0.5³ − 0.5) × (0 − 3) / 6.
    expect(batten(0.5)).toBeCloseTo(0.6875, 12);
    expect(batten(1.5)).toBeCloseTo(0.6875, 12);
  });

  test('runs on straight beyond its ends, with the slope it has there: 1 + 3 / 6', () => {
    expect(batten(-1)).toBeCloseTo(-1.5, 12);
    expect(batten(3)).toBeCloseTo(-1.5, 12);
  });

  test('of two pins it is straight; a straight measure stays as it is beyond its ends', () => {
    expect(fairedMeasure(stations([0, 0], [1000, 500]))(0.5)).toBe(0.25);
    const straight = straightMeasure(stations([1000, 200], [2000, 400]));
    expect([0, 1.5, 5].map(straight)).toEqual([0.2, expect.closeTo(0.3, 12), 0.4]);
  });
});

const panel = (key: string, x: number, y: number, high: number): Part =>
  partFromOutline({
    key,
    name: key,
    section: 's',
    side: 'left',
    outline: rectangle(x, y, 1, high),
    shape: 'flat',
  });
// A low row of two panels of 0.5 m, the front one at the right; above the front one another, set 0.1 m higher behind.
const strip = stripOf(
  [panel('A', 0, 0, 0.5), panel('B', 1, 0, 0.5), panel('C', 1, 0.5, 0.4), panel('D', 0, 0.6, 0.3)],
  'panel',
  'left',
)!;
const line = (over: Partial<LaidLine>): LaidLine => ({
  datum: 'base',
  panel: '',
  fairing: 'straight',
  stations: stations([0, 50]),
  ...over,
});
const heights = (over: Partial<LaidLine>, places: readonly number[]) =>
  places.map((u) => lineOnStrip(strip, line(over))!.height(u));

describe('what heights are measured from', () => {
  test('the level of the lowest point, and the edges of the strip as they run', () => {
    expect(heights({}, [0.5, 1.5])).toEqual([0.05, 0.05]);
    expect(heights({ datum: 'lower' }, [0.5, 1.5])).toEqual([0.05, 0.05]);
    expect(heights({ datum: 'upper', stations: stations([0, -100]) }, [0.5, 1.5])).toEqual([
      expect.closeTo(0.8, 9),
      expect.closeTo(0.8, 9),
    ]);
  });

  test('the edge of a row runs on from panel to panel where they meet, and stays at its height beyond', () => {
    expect(heights({ datum: 'panel-upper', panel: 'B' }, [0.5, 1.5])).toEqual([
      expect.closeTo(0.55, 9),
      expect.closeTo(0.55, 9),
    ]);
    // The lower edges of C and D are 100 mm apart: the row of D is D alone.
    expect(heights({ datum: 'panel-lower', panel: 'D' }, [0.5, 1.5])).toEqual([
      expect.closeTo(0.65, 9),
      expect.closeTo(0.65, 9),
    ]);
    expect(lineOnStrip(strip, line({ datum: 'panel-upper', panel: 'Z' }))).toBeNull();
  });

  test('a straight line is drawn through its stations alone', () => {
    const own = lineOnStrip(strip, line({ stations: stations([0, 100], [2000, 300]) }))!;
    expect(pointsOf(own, 0, 2)).toEqual([
      [0, 0.1],
      [2, expect.closeTo(0.3, 12)],
    ]);
  });
});

test('stations name the panel they lie on, and the height above its lower edge', () => {
  const shape = {
    kind: 'field' as const,
    line: line({ stations: stations([0, 620]) }),
    side: 'above' as const,
  };
  const rows = stationTable([strip], { shape });
  const at = (mm: number) => rows.find((row) => row.atMm === mm)!;
  // 50 mm behind the front edge of C, whose lower edge is at 500 mm; and of D, whose is at 600.
  expect(at(50)).toEqual({ atMm: 50, panel: 'C', fromEdgeMm: 120, heightsMm: [620], widthMm: null });
  expect(at(1050)).toMatchObject({ panel: 'D', fromEdgeMm: 20 });
});
