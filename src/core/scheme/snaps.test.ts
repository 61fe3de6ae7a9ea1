import { jobFixture } from '../job.fixture';
import { netOfJob } from '../survey';
import { taperedBand } from './band.fixture';
import { marksAt, snapper } from './snaps';
import { stripOf } from './strip';

const parts = netOfJob(jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } }));
const left = stripOf(parts, 'panel', 'left')!;
/** 600 to 800 mm above the lowest point at the front. */
const band = taperedBand();
/** The lowest panel at the front end. */
const sill = left.panels.find(({ figure }) => figure.outline.some(([u, v]) => u === 0 && v === 0))!;
const { key } = sill.part;

describe('a band that is dragged to what can be found on the object', () => {
  const marks = marksAt(left, [], 0);
  const edge = marks.find((one) => one.name === key && one.of === 'upper-edge')!;

  test('marks stand at the edges of the panels at that place', () => {
    const heights = sill.figure.outline.map(([, v]) => v);
    expect(edge.heightM).toBeCloseTo(Math.max(...heights), 9);
    const middle = marks.find((one) => one.name === key && one.of === 'middle')!;
    expect(middle.heightM).toBeCloseTo((Math.max(...heights) + Math.min(...heights)) / 2, 9);
  });

  test('its lower edge, 600 mm up, comes to an edge: the move is the difference, exactly', () => {
    const away = edge.heightM * 1000 - 600;
    const snap = snapper(left, band, [], 12);
    for (const near of [away - 11, away, away + 11]) {
      const found = snap(near);
      if (!found) throw new Error(`nothing within reach of ${near}`);
      expect(Math.abs(found.upMm - near)).toBeLessThanOrEqual(12);
    }
    const only = snapper({ ...left, panels: [sill] }, band, [], 12);
    expect(only(away + 5)).toMatchObject({ mark: { name: key, of: 'upper-edge' } });
    expect(only(away + 5)!.upMm).toBeCloseTo(away, 6);
    // The upper edge of the band, 200 mm higher, comes to it by 200 mm less.
    expect(only(away - 200 + 3)!.upMm).toBeCloseTo(away - 200, 6);
    // Its middle comes there too, and nothing is nearer than 12 mm in between.
    expect(only(away - 100)!.upMm).toBeCloseTo(away - 100, 6);
    expect(only(away - 50)).toBeNull();
  });

  test('other lines of the strip hold it as well, its own do not', () => {
    const other = taperedBand({ id: 'n2', name: 'Upper' });
    const raised = {
      ...other,
      shape: { ...other.shape, line: { ...other.shape.line, stations: [{ atMm: 0, mm: 1000 }] } },
    } as typeof other;
    const bare = { ...left, panels: [sill] };
    // From 800 mm, its upper edge, to 1000 mm, the lower edge of the other.
    expect(snapper(bare, band, [raised], 12)(195)).toMatchObject({ mark: { of: 'line', name: 'Upper' } });
    expect(snapper(bare, band, [raised], 12)(195)!.upMm).toBeCloseTo(200, 6);
    expect(snapper(bare, band, [], 12)(195)).toBeNull();
  });
});
