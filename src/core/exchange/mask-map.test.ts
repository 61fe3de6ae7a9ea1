import { jobFixture } from '../job.fixture';
import type { Job } from '../record';
import { stripOf } from '../scheme';
import { taperedBand } from '../scheme/band.fixture';
import { netOfJob, schemeLayout } from '../survey';
import { csvRows } from './csv-rows';
import { maskMapSvg } from './mask-map';
import { stationColumns, stationsCsv } from './stations-csv';

const band = taperedBand({ name: '=Band <1>' });
const job: Job = { ...jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } }), constructions: [band] };
const layout = schemeLayout(job);
const map = (key: string) =>
  maskMapSvg({ ...job, name: 'A <b> & "c"' }, layout, stripOf(netOfJob(job), 'panel', key)!);

/** Points of a path of the map, mm. */
const pointsOf = (svg: string, id: string): number[][] => {
  const d = new RegExp(`id="${id}"[^>]* d="M([^Z]*)Z`).exec(svg)![1]!;
  return d.split('L').map((pair) => pair.split(' ').map(Number));
};

test('a mask map is as large as the object: the band measured on the drawing', () => {
  const svg = map('left');
  // The side is 4.4 m long and 2.35 m high, with 150 mm round it.
  expect(svg).toContain('width="4700mm" height="2650mm" viewBox="-150 -150 4700 2650"');
  // Who stands before the left side has the front at his left. The foremost of four panels reaches 1100 mm back; up is up.
  const points = pointsOf(svg, 'B4L.n1');
  const [xs, ys] = [points.map(([x]) => x!), points.map(([, y]) => y!)];
  expect([Math.min(...xs), Math.max(...xs)]).toEqual([0, 1100]);
  // Lower edge 600 mm above the sill, 2350 − 600; at the front 200 mm wide, a metre and a tenth back 175.
  expect([Math.max(...ys), Math.min(...ys)]).toEqual([1750, 1550]);
  expect(points).toContainEqual([1100, 1575]);
});

test('left and right are drawn from the same measures, each as it is seen from outside: the other way round', () => {
  const path = (side: string, panel: string) => pointsOf(map(side), `${panel}.n1`);
  const mirrored = path('left', 'B2L').map(([x, y]) => [Math.round((4400 - x!) * 10) / 10, y!]);
  expect(path('right', 'B2R').map(String).sort()).toEqual(mirrored.map(String).sort());
  expect(map('left')).toContain('seen from outside, front at the left');
  expect(map('right')).toContain('seen from outside, front at the right');
});

test('stations are numbered from the front end, wherever that lies', () => {
  const at = (svg: string, station: number) =>
    Number(new RegExp(`x="([\\d.]+)"[^>]*>${station}<`).exec(svg)![1]);
  expect([at(map('left'), 500), at(map('right'), 500)]).toEqual([500, 3900]);
});

test('names are text, never markup', () => {
  expect(map('left')).toContain('A  b  and  c ,');
});

test('the station table as a file: heights and widths at the panels, names that are no formulas', () => {
  const { rows } = csvRows(stationsCsv(job.constructions, layout), 100);
  expect(rows[0]!.cells).toEqual([...stationColumns]);
  const at = (mm: string) => rows.find(({ cells }) => cells[2] === mm)!.cells;
  // 50 mm behind the front edge of the second panel: 1150 mm from the front, 200 − 100 × 1150 / 4400 wide.
  expect(at('1150')).toEqual(["'=Band <1>", 'both', '1150', 'B3L', '177.0', '600.0', '600.0', '173.9']);
});
