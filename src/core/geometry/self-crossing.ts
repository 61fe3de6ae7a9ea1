import { edgesOf, type Point, type Ring } from './polygon';

type Edge = [Point, Point];

/** Whether two pieces cross in their insides; common end points of neighbours are not asked here. */
const crosses = ([a, b]: Edge, [c, d]: Edge): boolean => {
  const side = (p: Point, q: Point, r: Point) =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
};

interface Span {
  edge: number;
  from: number;
  to: number;
  /** Its extent across the sweep. */
  low: number;
  high: number;
}

/** Extents of the edges along one axis, and how much they overlap in sum. */
function spansAlong(edges: readonly Edge[], axis: 0 | 1): { spans: Span[]; sum: number } {
  const across = axis === 0 ? 1 : 0;
  let sum = 0;
  const spans = edges.map(([a, b], edge): Span => {
    const [from, to] = [Math.min(a[axis], b[axis]), Math.max(a[axis], b[axis])];
    sum += to - from;
    return {
      edge,
      from,
      to,
      low: Math.min(a[across], b[across]),
      high: Math.max(a[across], b[across]),
    };
  });
  return { spans: spans.sort((a, b) => a.from - b.from || a.edge - b.edge), sum };
}

/**
 * The first pair of edges of a ring that cross each other, by number; null for a simple ring. The edges are swept along
 * the axis on which they overlap least, so that only those that can meet are compared: about n·log n for an outline.
 */
export function selfCrossing(points: Ring): [number, number] | null {
  const edges = edgesOf(points);
  const last = edges.length - 1;
  const [x, y] = [spansAlong(edges, 0), spansAlong(edges, 1)];
  let active: Span[] = [];
  let found: [number, number] | null = null;
  for (const span of (x.sum <= y.sum ? x : y).spans) {
    active = active.filter((one) => one.to >= span.from);
    for (const other of active) {
      if (other.high < span.low || other.low > span.high) continue;
      const [i, j] = other.edge < span.edge ? [other.edge, span.edge] : [span.edge, other.edge];
      const neighbours = j - i === 1 || (i === 0 && j === last);
      const isFirst = !found || i < found[0] || (i === found[0] && j < found[1]);
      if (!neighbours && isFirst && crosses(edges[i]!, edges[j]!)) found = [i, j];
    }
    active.push(span);
  }
  return found;
}
