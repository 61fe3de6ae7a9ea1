import {
  boundsOf,
  differenceOf,
  figureAreaM2,
  intersectionOf,
  type Bounds,
  type Figure,
  type Point,
  type Ring,
} from '../geometry';
import type { Region } from './region';
import type { StripPanel } from './strip';

/** Part of a panel that is one field, in measures of its strip. */
export interface Cut {
  region: Region;
  figures: readonly Figure[];
  /** On the layout, without the curve of the panel, m². */
  flatM2: number;
}

const meets = (a: Bounds, b: Bounds): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Smaller pieces than this are no field of a panel: a line that runs along its edge, m². */
const leastM2 = 1e-5;

const sumOf = (figures: readonly Figure[]): number =>
  figures.reduce((sum, figure) => sum + figureAreaM2(figure), 0);

/**
 * The fields of a panel: what each region covers of it and no region above it does.
 * @param regions the lowest first   @returns cuts with an area, and what is left of the panel for its own colour
 */
export function cutPanel(
  { figure }: StripPanel,
  regions: readonly Region[],
): { cuts: Cut[]; rest: readonly Figure[] } {
  const bounds = boundsOf(figure.outline);
  let rest: Figure[] = [figure];
  const cuts: Cut[] = [];
  for (const region of [...regions].reverse()) {
    const near = region.rings
      .filter((ring) => meets(boundsOf(ring), bounds))
      .map((ring) => between(ring, bounds.left - besideM, bounds.right + besideM));
    if (near.length === 0) continue;
    const figures = rest.flatMap((one) =>
      near.flatMap((ring) => intersectionOf(one, { outline: [...ring] })),
    );
    const flatM2 = sumOf(figures);
    if (flatM2 < leastM2) continue;
    rest = rest.flatMap((one) => differenceOf(one, near.map(outlined)));
    cuts.push({ region, figures, flatM2 });
  }
  return { cuts: cuts.reverse(), rest };
}

/** What is cut off beside a panel lies this far from it, m. */
const besideM = 0.02;

/**
 * The part of a ring between two places along the strip: a faired band has a thousand points, a panel meets few of them.
 * Cut by two lines square to the strip (Sutherland and Hodgman); pieces that it joins run along these lines, beside the
 * panel.
 */
function between(ring: Ring, from: number, to: number): Ring {
  const known = pieces.get(ring) ?? new Map<string, Ring>();
  pieces.set(ring, known);
  const key = `${from} ${to}`;
  const piece = known.get(key) ?? beyond(beyond(ring, from, 1), to, -1);
  known.set(key, piece);
  return piece;
}
/** Panels above each other meet the same piece of a ring. */
const pieces = new WeakMap<Ring, Map<string, Ring>>();

/** What of a ring lies on one side of a place. */
function beyond(ring: Ring, place: number, sense: 1 | -1): Ring {
  const isIn = ([u]: Point) => (u - place) * sense >= 0;
  if (ring.every(isIn)) return ring;
  return ring.flatMap((point, i): Point[] => {
    const before = ring.at(i - 1)!;
    if (isIn(point) === isIn(before)) return isIn(point) ? [point] : [];
    const share = (place - before[0]) / (point[0] - before[0]);
    const met: Point = [place, before[1] + (point[1] - before[1]) * share];
    return isIn(point) ? [met, point] : [met];
  });
}

const outlined = (ring: Ring) => ({ outline: ring });
