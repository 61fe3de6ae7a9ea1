import type { Point } from './polygon';

type Pair = readonly [number, number];

/**
 * A cubic curve as straight pieces that leave it by at most `tolerance`: halved (de Casteljau) until both control
 * points lie that close to the chord, which bounds the distance of the curve. The start is left out, the end is in.
 */
export function flattenCubic(a: Pair, b: Pair, c: Pair, d: Pair, tolerance: number, depth = 0): Point[] {
  const flat = Math.max(aside(b, a, d), aside(c, a, d)) <= tolerance;
  if (flat || depth >= 16) return [[d[0], d[1]]];
  const mid = (p: Pair, q: Pair): Pair => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2];
  const [ab, bc, cd] = [mid(a, b), mid(b, c), mid(c, d)];
  const [abc, bcd] = [mid(ab, bc), mid(bc, cd)];
  const middle = mid(abc, bcd);
  return [
    ...flattenCubic(a, ab, abc, middle, tolerance, depth + 1),
    ...flattenCubic(middle, bcd, cd, d, tolerance, depth + 1),
  ];
}

/** Distance of a point from the piece between two others. */
function aside(p: Pair, from: Pair, to: Pair): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length2 = dx * dx + dy * dy;
  const share = length2 === 0 ? 0 : ((p[0] - from[0]) * dx + (p[1] - from[1]) * dy) / length2;
  const t = Math.max(0, Math.min(1, share));
  return Math.hypot(p[0] - from[0] - t * dx, p[1] - from[1] - t * dy);
}

/** A quadratic curve, raised to the cubic that runs through the same points. */
export function flattenQuadratic(a: Pair, b: Pair, c: Pair, tolerance: number): Point[] {
  const third = (p: Pair, q: Pair): Pair => [p[0] + (2 / 3) * (q[0] - p[0]), p[1] + (2 / 3) * (q[1] - p[1])];
  return flattenCubic(a, third(a, b), third(c, b), c, tolerance);
}
