import svgpath from 'svgpath';
import { flattenCubic, flattenQuadratic, type Point } from '../geometry';

export type PathFault = 'open' | 'unreadable' | 'too-long';
const mostPoints = 2000;

/**
 * The closed rings of a path's `d`, in its own units, curves and arcs flattened.
 * @param tolerance largest distance of a piece from its curve, in the same units
 */
export function ringsOfPath(d: string, tolerance: number): { rings: Point[][] } | { fault: PathFault } {
  const path = svgpath(d);
  const { err } = path as unknown as { err?: string };
  if (err || d.trim() === '') return { fault: 'unreadable' };
  const rings: Point[][] = [];
  let ring: Point[] = [];
  let fault: PathFault | null = null;
  const finish = (closed: boolean) => {
    const first = ring[0];
    const last = ring.at(-1);
    const meets = first && last && Math.hypot(first[0] - last[0], first[1] - last[1]) <= tolerance;
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
      const [kind, ...n] = segment as [string, ...number[]];
      const from: Point = [x, y];
      const at = (i: number): Point => [n[i]!, n[i + 1]!];
      switch (kind) {
        case 'M':
          finish(false);
          ring = [at(0)];
          break;
        case 'L':
          ring.push(at(0));
          break;
        case 'H':
          ring.push([n[0]!, y]);
          break;
        case 'V':
          ring.push([x, n[0]!]);
          break;
        case 'C':
          ring.push(...flattenCubic(from, at(0), at(2), at(4), tolerance));
          break;
        case 'Q':
          ring.push(...flattenQuadratic(from, at(0), at(2), tolerance));
          break;
        case 'Z':
          finish(true);
          break;
        default:
          fault ??= 'unreadable';
      }
      if (ring.length > mostPoints) fault ??= 'too-long';
    });
  finish(false);
  if (rings.flat().some(([x, y]) => !Number.isFinite(x) || !Number.isFinite(y))) fault ??= 'unreadable';
  return fault ? { fault } : { rings };
}
