import { clipWhere, figureAreaM2, type Figure, type Given } from './clip';
import {
  boundsOf,
  circle,
  distanceToPiece,
  edgesOf,
  perimeterM,
  signedAreaM2,
  type Point,
  type Ring,
} from './polygon';
import { simplified } from './simplify';

/** A bar along an edge, as far to both sides as the distance. */
function barAlong([a, b]: [Point, Point], distanceM: number): Given[] {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  if (length < 1e-9) return [];
  const [nx, ny] = [(-(b[1] - a[1]) / length) * distanceM, ((b[0] - a[0]) / length) * distanceM];
  return [
    {
      outline: [
        [a[0] + nx, a[1] + ny],
        [b[0] + nx, b[1] + ny],
        [b[0] - nx, b[1] - ny],
        [a[0] - nx, a[1] - ny],
      ],
    },
  ];
}

/** Of each corner how far the ring turns there to its left; below zero it turns right. */
const turnAt = (ring: Ring, i: number): number => {
  const [a, b, c] = [ring.at(i - 1)!, ring[i]!, ring[(i + 1) % ring.length]!];
  return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
};

/**
 * Everything within a distance of the edges of a figure, on the side that is asked for: a bar along each edge, and a
 * circle at each corner that points to that side. At the others the nearest point always lies on an edge.
 */
function band(figure: Given, distanceM: number, side: 'inside' | 'outside') {
  const rings = [figure.outline, ...(figure.holes ?? [])];
  const bars = rings.flatMap((ring) => edgesOf(ring).flatMap((edge) => barAlong(edge, distanceM)));
  const circles = rings.flatMap((ring, nth) => {
    // The figure lies to the left of an outline that runs counter-clockwise, and outside its openings.
    const sign = (signedAreaM2(ring) > 0 === (nth === 0) ? 1 : -1) * (side === 'outside' ? 1 : -1);
    return ring.flatMap(([x, y], i): Given[] =>
      turnAt(ring, i) * sign > 0 ? [{ outline: circle(x, y, distanceM, distanceM / 200) }] : [],
    );
  });
  return { figures: [...bars, ...circles], circles: circles.length };
}

const edgeLengthM = ({ outline, holes }: Given): number =>
  [outline, ...(holes ?? [])].reduce((sum, ring) => sum + perimeterM(ring), 0);
const cornersOf = ({ outline, holes }: Given): number =>
  [outline, ...(holes ?? [])].reduce((sum, ring) => sum + ring.length, 0);
const areaOf = (made: readonly Figure[]): number => made.reduce((sum, one) => sum + figureAreaM2(one), 0);

/**
 * A figure grown by a distance (round corners) or, for a negative one, shrunk; openings shrink and grow with it. The
 * clipping package now and then loses a whole figure without a word: a result whose area cannot be is made again on
 * coarser cells.
 * @param distanceM m; 0 gives the figure back   @returns none where nothing is left
 */
export function offsetOf(figure: Given, distanceM: number): Figure[] {
  const area = figureAreaM2(figure);
  const d = Math.abs(distanceM);
  const length = edgeLengthM(figure);
  // A corner that moves by half a cell moves the area by as much along its edges: a long, thin figure feels it most.
  const slack = (cellM: number) => 1e-6 + area * 1e-4 + length * cellM;
  if (distanceM === 0)
    return clipWhere('union', [figure], (made, cellM) => Math.abs(areaOf(made) - area) <= slack(cellM));
  const { figures, circles } = band(figure, d, distanceM > 0 ? 'outside' : 'inside');
  // No band is wider than its edges are long, but for the circles at its corners.
  const most = length * d + circles * Math.PI * d * d;
  if (distanceM > 0)
    return clipWhere('union', [figure, ...figures], (made, cellM) => {
      const grown = areaOf(made);
      return grown >= area - slack(cellM) && grown <= area + most + slack(cellM);
    });
  const least = Math.max(area - most, areaDeepInside(figure, d));
  return clipWhere('difference', [figure, ...figures], (made, cellM) => {
    const left = areaOf(made);
    return left >= least - slack(cellM) && left <= area + slack(cellM);
  });
}

/** How finely a figure is looked through for a place that lies deep inside it. */
const looks = 16;

/** What is left at least of a figure that is shrunk: a circle round the deepest place that was found, m². */
function areaDeepInside(figure: Given, d: number): number {
  const { left, right, top, bottom } = boundsOf(figure.outline);
  const rings = [figure.outline, ...(figure.holes ?? [])];
  let deepest = 0;
  for (let i = 1; i < looks; i += 1)
    for (let j = 1; j < looks; j += 1) {
      const at: Point = [left + ((right - left) * i) / looks, top + ((bottom - top) * j) / looks];
      if (rings.filter((ring) => encloses(ring, at)).length === 1)
        deepest = Math.max(deepest, distanceToEdges(rings, at));
    }
  return deepest > d ? 0.9 * Math.PI * (deepest - d) ** 2 : 0;
}

/** Whether a ring goes round a point (even-odd rule). */
function encloses(ring: Ring, [x, y]: Point): boolean {
  let inside = false;
  for (const [a, b] of edgesOf(ring))
    if (a[1] > y !== b[1] > y && x < a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0])) inside = !inside;
  return inside;
}

function distanceToEdges(rings: readonly Ring[], at: Point): number {
  let nearest = Infinity;
  for (const ring of rings)
    for (const [a, b] of edgesOf(ring)) nearest = Math.min(nearest, distanceToPiece(at, a, b));
  return nearest;
}

/** Above this many points the band is not cut out but reckoned from length and width. */
const mostPoints = 240;

/**
 * Area of a panel that lies within a distance of its edges and openings, m²: it gets the least film and loses the most.
 * An outline of very many points is first drawn with fewer, a fiftieth of the distance aside at most; where even that
 * leaves too many, the band is its length times its width, which it cannot exceed by more than its corners.
 */
export function edgeBandM2(given: Given, distanceM: number): number {
  const few = (ring: Ring) => (ring.length > mostPoints / 4 ? simplified(ring, distanceM / 50) : ring);
  const figure = { outline: few(given.outline), holes: (given.holes ?? []).map(few) };
  const area = figureAreaM2(figure);
  if (cornersOf(figure) > mostPoints) return Math.min(area, edgeLengthM(figure) * distanceM);
  return area - offsetOf(figure, -distanceM).reduce((sum, one) => sum + figureAreaM2(one), 0);
}
