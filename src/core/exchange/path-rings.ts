import svgpath from 'svgpath';
import { flattenCubic, flattenQuadratic, mostRingPoints, type Point } from '../geometry';

export type PathFault = 'open' | 'unreadable' | 'too-long';

/** Signs of a `d` that is still read: thirty-two a point, and no outline has more points than that. */
const longestPath = mostRingPoints * 32;

/** Ends the walk along a path that has become too long. */
class TooLong extends Error {}

/**
 * The closed rings of a path's `d`, in its own units, curves and arcs flattened. Limits are held before the work they
 * limit: the length before it is parsed, commands before curves are flattened, points while they are.
 * @param tolerance largest distance of a piece from its curve, in the same units
 */
export const ringsOfPath = (d: string, tolerance: number): { rings: Point[][] } | { fault: PathFault } =>
  piecesOfPath(d, tolerance, 'closed');

/** The one open line of a path's `d`; `open` is its fault where it is closed or has a gap. */
export function lineOfPath(d: string, tolerance: number): { line: Point[] } | { fault: PathFault } {
  const found = piecesOfPath(d, tolerance, 'open');
  if ('fault' in found) return found;
  const [line, more] = found.rings;
  return line && !more && line.length > 1 ? { line } : { fault: 'open' };
}

function piecesOfPath(
  d: string,
  tolerance: number,
  kind: 'closed' | 'open',
): { rings: Point[][] } | { fault: PathFault } {
  if (d.length > longestPath || (d.match(/[a-z]/gi)?.length ?? 0) > mostRingPoints)
    return { fault: 'too-long' };
  try {
    return walked(d, tolerance, kind);
  } catch (error) {
    if (error instanceof TooLong) return { fault: 'too-long' };
    throw error;
  }
}

function walked(
  d: string,
  tolerance: number,
  kind: 'closed' | 'open',
): { rings: Point[][] } | { fault: PathFault } {
  const path = svgpath(d);
  // The package keeps what it could not read on the path itself, undeclared.
  const err: unknown = Reflect.get(path, 'err');
  if (err || d.trim() === '') return { fault: 'unreadable' };
  const rings: Point[][] = [];
  let ring: Point[] = [];
  let count = 0;
  const add = (points: readonly Point[]) => {
    count += points.length;
    if (count > mostRingPoints) throw new TooLong();
    for (const point of points) ring.push(point);
  };
  const left = () => mostRingPoints + 1 - count;
  let fault: PathFault | null = null;
  const finish = (closed: boolean) => {
    if (kind === 'open') {
      if (closed) fault ??= 'open';
      if (ring.length > 0) rings.push(ring);
      ring = [];
      return;
    }
    const meets = isMeeting(ring, tolerance);
    if (ring.length > 1 && !closed && !meets) fault ??= 'open';
    if (meets && ring.length > 1) ring.pop();
    if (ring.length >= 3) rings.push(ring);
    ring = [];
  };
  path
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _i, x, y) => {
      if (segment[0] === 'M') finish(false);
      if (segment[0] === 'Z') return finish(true);
      const points = pointsOf(segment as [string, ...number[]], [x, y], tolerance, left());
      if (points) add(points);
      else fault ??= 'unreadable';
    });
  finish(false);
  if (rings.flat().some(([x, y]) => !Number.isFinite(x) || !Number.isFinite(y))) fault ??= 'unreadable';
  return fault ? { fault } : { rings };
}

/** Where a piece of a path leads from a point, curves flattened; null for what cannot be read. */
function pointsOf(
  [kind, ...n]: [string, ...number[]],
  from: Point,
  tolerance: number,
  most: number,
): readonly Point[] | null {
  const at = (i: number): Point => [n[i]!, n[i + 1]!];
  switch (kind) {
    case 'M':
    case 'L':
      return [at(0)];
    case 'H':
      return [[n[0]!, from[1]]];
    case 'V':
      return [[from[0], n[0]!]];
    case 'C':
      return flattenCubic(from, at(0), at(2), at(4), tolerance, most);
    case 'Q':
      return flattenQuadratic(from, at(0), at(2), tolerance, most);
    default:
      return null;
  }
}

/** Whether the end of a ring lies on its beginning. */
function isMeeting(ring: readonly Point[], tolerance: number): boolean {
  const [first, last] = [ring[0], ring.at(-1)];
  return !!first && !!last && Math.hypot(first[0] - last[0], first[1] - last[1]) <= tolerance;
}
