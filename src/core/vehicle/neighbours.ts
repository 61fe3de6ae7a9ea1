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

interface Piece {
  part: number;
  edge: [Point, Point];
  left: number;
  right: number;
  low: number;
  high: number;
}

/** Every edge of every part with its box, from left to right. */
const piecesOf = (parts: readonly Pick<Part, 'outline'>[]): Piece[] =>
  parts
    .flatMap(({ outline }, part) =>
      edgesOf(outline).map((edge): Piece => {
        const [[ax, ay], [bx, by]] = edge;
        return {
          part,
          edge,
          left: Math.min(ax, bx),
          right: Math.max(ax, bx),
          low: Math.min(ay, by),
          high: Math.max(ay, by),
        };
      }),
    )
    .sort((a, b) => a.left - b.left);

/**
 * All gap lines of a net, each pair once, in the order of the parts. The edges are swept from left to right, so that only
 * those whose boxes touch are held against each other.
 */
export function gapLinesOf(parts: readonly Pick<Part, 'key' | 'outline'>[]): GapLine[] {
  const lengths = new Map<number, number>();
  let active: Piece[] = [];
  for (const piece of piecesOf(parts)) {
    active = active.filter((one) => one.right >= piece.left - nearM);
    for (const other of active) {
      if (other.part === piece.part) continue;
      if (other.high < piece.low - nearM || other.low > piece.high + nearM) continue;
      const [i, j] = [Math.min(piece.part, other.part), Math.max(piece.part, other.part)];
      const [one, two] = piece.part === i ? [piece, other] : [other, piece];
      const lengthM = common(one.edge, two.edge);
      const pair = i * parts.length + j;
      if (lengthM > 0) lengths.set(pair, (lengths.get(pair) ?? 0) + lengthM);
    }
    active.push(piece);
  }
  return [...lengths]
    .filter(([, lengthM]) => lengthM >= shortestM)
    .sort(([a], [b]) => a - b)
    .map(([pair, lengthM]) => ({
      a: parts[Math.floor(pair / parts.length)]!.key,
      b: parts[pair % parts.length]!.key,
      lengthM,
    }));
}

/** The neighbours of a panel with their gap lines, longest first. */
export const neighboursOf = (key: string, lines: readonly GapLine[]): { key: string; lengthM: number }[] =>
  lines
    .filter((line) => line.a === key || line.b === key)
    .map((line) => ({ key: line.a === key ? line.b : line.a, lengthM: line.lengthM }))
    .sort((one, other) => other.lengthM - one.lengthM || one.key.localeCompare(other.key));
