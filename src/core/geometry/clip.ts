import polygonClipping from 'polygon-clipping';
import { polygonAreaM2, toleranceM, type Point, type Ring } from './polygon';

/** A flat figure: an outline and the holes in it. */
export interface Figure {
  outline: Point[];
  holes: Point[][];
}

type Rings = [number, number][][];
type Operation = 'union' | 'intersection' | 'difference';
export type Given = { outline: Ring; holes?: readonly Ring[] };

/** Figures on a grid, counted in whole cells, so that edges meant to meet do meet and their products are exact. */
const toCells = ({ outline, holes }: Given, cellM: number): Rings =>
  [outline, ...(holes ?? [])].map((ring) =>
    ring.map(([x, y]): [number, number] => [Math.round(x / cellM), Math.round(y / cellM)]),
  );

/** The package closes its rings by repeating the first point; slivers below a square millimetre are dust. */
const fromCells = (figures: [number, number][][][], cellM: number): Figure[] =>
  figures.flatMap((rings) => {
    const [outline, ...holes] = rings.map((ring) =>
      ring.slice(0, -1).map(([x, y]): Point => [x * cellM, y * cellM]),
    );
    if (!outline || polygonAreaM2(outline) < 1e-6) return [];
    return [{ outline, holes: holes.filter((ring) => polygonAreaM2(ring) >= 1e-6) }];
  });

/** Coarser cells, tried in turn where rounding ties the sweep of the package into a knot it cannot close. */
const cellsM = [1, 2.3, 7.1, 31].map((times) => times * toleranceM);

const clip = (operation: Operation, figures: readonly Given[]): Figure[] =>
  clipWhere(operation, figures, () => true);

/**
 * Clips on finer and then on coarser cells until the package neither gives up nor answers what cannot be.
 * @param couldBe whether a result can be right that was made on cells of that size, m   @throws what the package said last, where none could
 */
export function clipWhere(
  operation: Operation,
  figures: readonly Given[],
  couldBe: (made: readonly Figure[], cellM: number) => boolean,
): Figure[] {
  let fault: unknown = new Error('no clipping of these figures could be right');
  for (const cellM of cellsM) {
    const [first, ...rest] = figures.map((one): Rings[] => [toCells(one, cellM)]);
    if (!first) return [];
    try {
      const made = fromCells(polygonClipping[operation](first, ...rest), cellM);
      if (couldBe(made, cellM)) return made;
    } catch (thrown) {
      fault = thrown;
    }
  }
  throw fault;
}

/** What any of the figures covers. */
export const unionOf = (figures: readonly Given[]): Figure[] => clip('union', figures);

/** What both cover. */
export const intersectionOf = (a: Given, b: Given): Figure[] => clip('intersection', [a, b]);

/** What `a` covers and none of `others` does. */
export const differenceOf = (a: Given, others: readonly Given[]): Figure[] =>
  clip('difference', [a, ...others]);

/** Area of a figure less its holes, m². */
export const figureAreaM2 = ({ outline, holes }: Given): number =>
  polygonAreaM2(outline) - (holes ?? []).reduce((sum, hole) => sum + polygonAreaM2(hole), 0);

/** Cuts a figure by the straight line through two points into what lies on its left and on its right. */
export function cutByLine(figure: Given, from: Point, to: Point): { left: Figure[]; right: Figure[] } {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(dx, dy);
  if (length < toleranceM) return { left: unionOf([figure]), right: [] };
  const far = 1000;
  const [ux, uy] = [dx / length, dy / length];
  const half = (side: 1 | -1): Point[] => {
    const [nx, ny] = [-uy * side * far, ux * side * far];
    const a: Point = [from[0] - ux * far, from[1] - uy * far];
    const b: Point = [from[0] + ux * far, from[1] + uy * far];
    return [a, b, [b[0] + nx, b[1] + ny], [a[0] + nx, a[1] + ny]];
  };
  return {
    left: intersectionOf(figure, { outline: half(1) }),
    right: intersectionOf(figure, { outline: half(-1) }),
  };
}
