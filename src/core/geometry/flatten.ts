import { distanceToPiece, type Point } from './polygon';

type Pair = readonly [number, number];

/**
 * A cubic curve as straight pieces that leave it by at most `tolerance`: halved (de Casteljau) until both control
 * points lie that close to the chord, which bounds the distance of the curve. The start is left out, the end is in.
 * @param most pieces after which it stops, so that a curve of any size ends; whoever gives a limit counts what comes
 */
export function flattenCubic(
  a: Pair,
  b: Pair,
  c: Pair,
  d: Pair,
  tolerance: number,
  most = Infinity,
): Point[] {
  const pieces: Point[] = [];
  const ahead: [Pair, Pair, Pair, Pair, number][] = [[a, b, c, d, 0]];
  for (let one = ahead.pop(); one && pieces.length < most; one = ahead.pop()) {
    const [from, first, second, to, depth] = one;
    if (
      depth >= 16 ||
      Math.max(distanceToPiece(first, from, to), distanceToPiece(second, from, to)) <= tolerance
    ) {
      pieces.push([to[0], to[1]]);
      continue;
    }
    const [ab, bc, cd] = [mid(from, first), mid(first, second), mid(second, to)];
    const [abc, bcd] = [mid(ab, bc), mid(bc, cd)];
    const middle = mid(abc, bcd);
    ahead.push([middle, bcd, cd, to, depth + 1], [from, ab, abc, middle, depth + 1]);
  }
  return pieces;
}

const mid = (p: Pair, q: Pair): Pair => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2];

/** A quadratic curve, raised to the cubic that runs through the same points. */
export function flattenQuadratic(a: Pair, b: Pair, c: Pair, tolerance: number, most = Infinity): Point[] {
  const third = (p: Pair, q: Pair): Pair => [p[0] + (2 / 3) * (q[0] - p[0]), p[1] + (2 / 3) * (q[1] - p[1])];
  return flattenCubic(a, third(a, b), third(c, b), c, tolerance, most);
}
