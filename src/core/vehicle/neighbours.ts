import { edgesOf, type Point } from '../geometry';
import type { Part } from './part';

/** Two panels that lie edge to edge on the net, and how long their common gap line is. */
export interface GapLine {
  a: string;
  b: string;
  lengthM: number;
}

/** Edges closer than this run along the same gap, and gaps shorter than this are corners. */
const nearM = 0.001;
const shortestM = 0.02;

/** Length along which two straight pieces lie on each other, m. */
function common([a, b]: [Point, Point], [c, d]: [Point, Point]): number {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  if (length < nearM) return 0;
  const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const along = (p: Point) => (p[0] - a[0]) * ux + (p[1] - a[1]) * uy;
  const aside = (p: Point) => Math.abs((p[0] - a[0]) * uy - (p[1] - a[1]) * ux);
  if (aside(c) > nearM || aside(d) > nearM) return 0;
  const [from, to] = [Math.min(along(c), along(d)), Math.max(along(c), along(d))];
  return Math.max(0, Math.min(length, to) - Math.max(0, from));
}

/** All gap lines of a net, each pair once, in the order of the parts. */
export function gapLinesOf(parts: readonly Pick<Part, 'key' | 'outline'>[]): GapLine[] {
  const edges = parts.map((part) => edgesOf(part.outline));
  const boxes = parts.map((part) => {
    const xs = part.outline.map(([x]) => x);
    const ys = part.outline.map(([, y]) => y);
    return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)] as const;
  });
  const apart = (i: number, j: number) => {
    const [a, b] = [boxes[i]!, boxes[j]!];
    return a[0] > b[1] + nearM || b[0] > a[1] + nearM || a[2] > b[3] + nearM || b[2] > a[3] + nearM;
  };
  const lines: GapLine[] = [];
  for (let i = 0; i < parts.length; i += 1)
    for (let j = i + 1; j < parts.length; j += 1) {
      if (apart(i, j)) continue;
      let lengthM = 0;
      for (const one of edges[i]!) for (const other of edges[j]!) lengthM += common(one, other);
      if (lengthM >= shortestM) lines.push({ a: parts[i]!.key, b: parts[j]!.key, lengthM });
    }
  return lines;
}

/** The neighbours of a panel with their gap lines, longest first. */
export const neighboursOf = (key: string, lines: readonly GapLine[]): { key: string; lengthM: number }[] =>
  lines
    .filter((line) => line.a === key || line.b === key)
    .map((line) => ({ key: line.a === key ? line.b : line.a, lengthM: line.lengthM }))
    .sort((one, other) => other.lengthM - one.lengthM || one.key.localeCompare(other.key));
