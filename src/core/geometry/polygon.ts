/** Metres on a flat net, x along the vehicle, y across the developed surface. */
export type Point = readonly [x: number, y: number];
/** A closed outline; the last point is not the first one again. */
export type Ring = readonly Point[];

/** Most points of one outline as it is drawn in a file, and as it is kept: every page draws what is kept. */
export const mostRingPoints = 2000;
export const mostKeptPoints = 500;

/** Lengths below this are one point: 0.01 mm. The one tolerance of all geometry. */
export const toleranceM = 0.00001;

/** Area of a closed polygon in m² (shoelace formula), above zero where it runs counter-clockwise. */
export function signedAreaM2(points: Ring): number {
  let twice = 0;
  points.forEach(([x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!;
    twice += x * nextY - nextX * y;
  });
  return twice / 2;
}

/** Area of a closed polygon in m², never negative. */
export const polygonAreaM2 = (points: Ring): number => Math.abs(signedAreaM2(points));

/** Length round a closed polygon, m. */
export function perimeterM(points: Ring): number {
  return edgesOf(points).reduce((sum, [[x, y], [nextX, nextY]]) => sum + Math.hypot(nextX - x, nextY - y), 0);
}

/** The edges of a ring in order, the closing one last. */
export const edgesOf = (points: Ring): [Point, Point][] =>
  points.map((point, i) => [point, points[(i + 1) % points.length]!]);

/** A rectangle as an outline. */
export const rectangle = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

export interface Bounds {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** The least upright box round points; all zero for none. */
export function boundsOf(points: Ring): Bounds {
  if (points.length === 0) return { left: 0, right: 0, top: 0, bottom: 0 };
  const bounds = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (const [x, y] of points) {
    bounds.left = Math.min(bounds.left, x);
    bounds.right = Math.max(bounds.right, x);
    bounds.top = Math.min(bounds.top, y);
    bounds.bottom = Math.max(bounds.bottom, y);
  }
  return bounds;
}

/** Distance of a point from the piece between two others, m. */
export function distanceToPiece(p: Point, from: Point, to: Point): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length2 = dx * dx + dy * dy;
  const share = length2 === 0 ? 0 : ((p[0] - from[0]) * dx + (p[1] - from[1]) * dy) / length2;
  const t = Math.max(0, Math.min(1, share));
  return Math.hypot(p[0] - from[0] - t * dx, p[1] - from[1] - t * dy);
}

/** Middle of the bounds of an outline. */
export function centreOf(points: Ring): [number, number] {
  const { left, right, top, bottom } = boundsOf(points);
  return [(left + right) / 2, (top + bottom) / 2];
}

/** Centre of gravity of a ring, where a label sits inside most panels; the middle of the bounds for a ring without area. */
export function centroidOf(points: Ring): [number, number] {
  let [twice, x, y] = [0, 0, 0];
  for (const [[ax, ay], [bx, by]] of edgesOf(points)) {
    const cross = ax * by - bx * ay;
    twice += cross;
    x += (ax + bx) * cross;
    y += (ay + by) * cross;
  }
  return Math.abs(twice) < toleranceM * toleranceM ? centreOf(points) : [x / (3 * twice), y / (3 * twice)];
}

/** Points of a ring moved by (dx, dy). */
export const moved = (points: Ring, dx: number, dy: number): Point[] =>
  points.map(([x, y]) => [x + dx, y + dy]);

/** A ring mirrored about the line y = axis; its direction is turned round so that it keeps its sense. */
export const mirrored = (points: Ring, axisY: number): Point[] =>
  points.map(([x, y]): Point => [x, 2 * axisY - y]).reverse();

/** A circle as a ring of straight pieces whose chords leave the circle by at most `sagM`. */
export function circle(x: number, y: number, radiusM: number, sagM = 0.002): Point[] {
  const step = 2 * Math.acos(Math.max(0, 1 - sagM / radiusM));
  const pieces = Math.max(12, Math.ceil((2 * Math.PI) / step));
  return Array.from({ length: pieces }, (_, i) => {
    const angle = (2 * Math.PI * i) / pieces;
    return [x + radiusM * Math.cos(angle), y + radiusM * Math.sin(angle)];
  });
}
