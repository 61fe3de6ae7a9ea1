import type { Point } from '../geometry';
import type { MaskDrawing } from './mask-drawing';
import { linesOf, overlapMm, papers, tilingOf } from './mask-tiles';

const box = (left: number, top: number, right: number, bottom: number): Point[] => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
];
/** A side of one panel, 3 m × 1 m, with a band from end to end between two heights from the top. */
const drawing = (top: number, bottom: number): MaskDrawing => ({
  widthMm: 3000,
  heightMm: 1000,
  frontAt: 'left',
  panels: [{ id: 'P', rings: [box(0, 0, 3000, 1000)], label: [0, 0] }],
  fields: [{ id: 'P.n', panel: 'P', construction: 'n', colour: 'c', rings: [box(0, top, 3000, bottom)] }],
});

test('tape runs along the band, not along the edges of its panel', () => {
  expect(linesOf(drawing(400, 500))).toEqual([
    [
      [0, 400],
      [3000, 400],
    ],
    [
      [3000, 500],
      [0, 500],
    ],
  ]);
});

test('a band of 100 mm lies on one row of A4 laid across: 3020 mm in steps of 263', () => {
  // 297 − 2 × 12 shown, 10 of them twice; 10 mm round the band: (3020 − 10) / 263 = 11.4.
  const tiling = tilingOf(drawing(400, 500), 'a4');
  expect([tiling.rows, tiling.columns, tiling.tiles.length]).toEqual([1, 12, 12]);
  expect([tiling.shownW, tiling.shownH]).toEqual([273, 174]);
  expect(tiling.tiles[0]).toMatchObject({ row: 1, column: 1, left: -10, top: 390 });
});

test.each(Object.keys(papers) as (keyof typeof papers)[])(
  'on %s every point of every line lies on a sheet',
  (paper) => {
    const given = drawing(100, 760);
    const { tiles, shownW, shownH } = tilingOf(given, paper);
    for (const [[ax, ay], [bx, by]] of linesOf(given))
      for (let share = 0; share <= 1; share += 1 / 512) {
        const [x, y] = [ax + (bx - ax) * share, ay + (by - ay) * share];
        const on = tiles.filter(
          ({ left, top }) => x >= left && x <= left + shownW && y >= top && y <= top + shownH,
        );
        expect(on.length).toBeGreaterThan(0);
      }
  },
);

test('neighbours overlap, and rows without a line are left out', () => {
  const { tiles, rows, shownW } = tilingOf(drawing(10, 990), 'a4');
  expect(rows).toBeGreaterThan(2);
  expect(new Set(tiles.map((tile) => tile.row))).toEqual(new Set([1, rows]));
  const lowest = tiles.filter((tile) => tile.row === 1);
  for (const [i, tile] of lowest.slice(1).entries())
    expect(lowest[i]!.left + shownW - tile.left).toBeCloseTo(overlapMm, 6);
});

test('columns count from the front, also where that is at the right', () => {
  const { tiles } = tilingOf({ ...drawing(400, 500), frontAt: 'right' }, 'a3');
  const first = tiles.find((tile) => tile.column === 1)!;
  expect(first.left).toBe(Math.max(...tiles.map((tile) => tile.left)));
});

test('nothing to tape, nothing to print', () => {
  expect(tilingOf({ ...drawing(0, 0), fields: [] }, 'a4').tiles).toEqual([]);
});
