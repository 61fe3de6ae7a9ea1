import { boundsOf, distanceToPiece, edgesOf, type Point, type Ring } from '../geometry';
import type { MaskDrawing } from './mask-drawing';

/** Sheets that a shop prints on, mm, upright. */
export const papers = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  a3: { name: 'A3', widthMm: 297, heightMm: 420 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperKey = keyof typeof papers;

/** What printers leave white, and the line of words below, mm. */
export const marginMm = { side: 12, top: 12, foot: 24 };
/** Neighbours show the same stretch, to be laid over each other. */
export const overlapMm = 10;
/** More sheets than this nobody sticks together. */
export const mostTiles = 300;

/** A sheet of the map: its place in the grid, and what of the drawing it shows. */
export interface Tile {
  /** Rows count from the bottom, columns from the front end, both from 1. */
  row: number;
  column: number;
  left: number;
  top: number;
}

export interface Tiling {
  /** The sheet as it is laid, mm. */
  widthMm: number;
  heightMm: number;
  /** What of the drawing one sheet shows, mm. */
  shownW: number;
  shownH: number;
  rows: number;
  columns: number;
  tiles: Tile[];
}

/** Sheets of a paper that show every line of a drawing, laid upright or across, whichever needs fewer. */
export function tilingOf(drawing: MaskDrawing, paper: PaperKey): Tiling {
  const { widthMm, heightMm } = papers[paper];
  const upright = tiled(drawing, widthMm, heightMm);
  const across = tiled(drawing, heightMm, widthMm);
  return across.tiles.length < upright.tiles.length ? across : upright;
}

/** White that is left round the lines on the outermost sheets, mm. */
const roundMm = 10;

/** The grid begins at the lines, not at the end of the strip, so that a band lies on one row where it can. */
function tiled(drawing: MaskDrawing, widthMm: number, heightMm: number): Tiling {
  const shownW = widthMm - 2 * marginMm.side;
  const shownH = heightMm - marginMm.top - marginMm.foot;
  const lines = linesOf(drawing);
  const empty = { widthMm, heightMm, shownW, shownH, rows: 0, columns: 0, tiles: [] };
  if (lines.length === 0) return empty;
  const bounds = boundsOf(lines.flat());
  const [stepX, stepY] = [shownW - overlapMm, shownH - overlapMm];
  const [x0, y0] = [bounds.left - roundMm, bounds.top - roundMm];
  const columns = Math.max(1, Math.ceil((bounds.right + roundMm - x0 - overlapMm) / stepX));
  const rows = Math.max(1, Math.ceil((bounds.bottom + roundMm - y0 - overlapMm) / stepY));
  const met = new Set<number>();
  for (const [from, to] of lines)
    for (const at of cellsOf([from[0] - x0, from[1] - y0], [to[0] - x0, to[1] - y0], {
      stepX,
      stepY,
      columns,
      rows,
    }))
      met.add(at);
  const tiles = [...met].map((at): Tile => {
    const [down, across] = [Math.floor(at / columns), at % columns];
    return {
      row: rows - down,
      column: drawing.frontAt === 'left' ? across + 1 : columns - across,
      left: x0 + across * stepX,
      top: y0 + down * stepY,
    };
  });
  tiles.sort((a, b) => a.row - b.row || a.column - b.column);
  return { widthMm, heightMm, shownW, shownH, rows, columns, tiles };
}

/** Edges of fields that tape is laid along: those that do not run along an edge of their panel. */
export function linesOf({ panels, fields }: MaskDrawing): [Point, Point][] {
  const byPanel = new Map(panels.map((panel) => [panel.id, panel.rings]));
  return fields.flatMap(({ panel, rings }) =>
    rings
      .flatMap(edgesOf)
      .filter(
        ([from, to]) => !onAnyEdge([(from[0] + to[0]) / 2, (from[1] + to[1]) / 2], byPanel.get(panel)!),
      ),
  );
}

/** As near to an edge as to lie on it, mm. */
const onEdgeMm = 0.05;

const onAnyEdge = (point: Point, rings: readonly Ring[]): boolean =>
  rings.some((ring) => edgesOf(ring).some(([from, to]) => distanceToPiece(point, from, to) < onEdgeMm));

/** Cells of the grid that a line lies in, walked in steps shorter than the overlap. */
function cellsOf(
  from: Point,
  to: Point,
  grid: Pick<Tiling, 'columns' | 'rows'> & { stepX: number; stepY: number },
): Set<number> {
  const met = new Set<number>();
  const steps = Math.max(1, Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1]) / (overlapMm / 2)));
  for (let i = 0; i <= steps; i += 1) {
    const x = from[0] + ((to[0] - from[0]) * i) / steps;
    const y = from[1] + ((to[1] - from[1]) * i) / steps;
    const cell = (at: number, step: number, count: number) =>
      Math.min(count - 1, Math.max(0, Math.floor(at / step)));
    met.add(cell(y, grid.stepY, grid.rows) * grid.columns + cell(x, grid.stepX, grid.columns));
  }
  return met;
}
