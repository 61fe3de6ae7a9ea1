import { boundsOf, edgesOf, toleranceM, type Bounds, type Figure, type Point } from '../geometry';
import type { Cut } from './cut';
import type { StripPanel } from './strip';

/** How a line of tape bends: over 3 m of radius it is laid as straight, below 0.3 m it is eased round by short pulls. */
export const bends = ['straight', 'gentle', 'tight'] as const;
export type Bend = (typeof bends)[number];
const straightRadiusM = 3;
const tightRadiusM = 0.3;

/** Minutes a metre of fine line on a straight edge, on a curve, and over beads; the catalogue's rate is for straight ones. */
const perM = { straight: 1.5, curve: 3, bead: 5 };

/** How many metres of straight edge take as long to tape. */
export const tapeEffort = ({ bend, beaded }: Pick<FieldEdge, 'bend' | 'beaded'>): number =>
  (beaded ? perM.bead : bend === 'straight' ? perM.straight : perM.curve) / perM.straight;

/** Where two fields of a panel meet; `null` is what has the panel's own colour. */
export interface FieldEdge {
  panel: string;
  a: string | null;
  b: string | null;
  bend: Bend;
  /** Runs over a panel with beads or rivets. */
  beaded: boolean;
  m: number;
}

interface Piece {
  from: Point;
  to: Point;
  bend: Bend;
}

interface Area {
  field: string | null;
  rings: readonly (readonly Point[])[];
  bounds: Bounds;
}

/** Beside a line, m: far enough to be on one side of it, too near to reach the next. */
const besideM = 0.00004;

/** The edges between the fields of one panel, each pair of fields and bend summed. */
export function fieldEdges(panel: StripPanel, cuts: readonly Cut[], rest: readonly Figure[]): FieldEdge[] {
  if (cuts.length === 0) return [];
  const areas = [...cuts.map(({ region, figures }) => areaOf(region.field, figures)), areaOf(null, rest)];
  // Where the line between two others ends at an edge, what lies beside that edge changes.
  const corners = areas.flatMap((area) => area.rings.flat());
  const { part } = panel;
  const beaded = part.shape === 'beaded' || part.shape === 'riveted';
  const sums = new Map<string, FieldEdge>();
  for (const { field, rings } of areas.slice(0, -1))
    for (const ring of rings)
      for (const { from, to, bend } of piecesOf(ring).flatMap((piece) => splitAt(piece, corners))) {
        const m = Math.hypot(to[0] - from[0], to[1] - from[1]);
        const other = beside(from, to, areas, field);
        // Each edge is met from both of its fields; that which comes first keeps it.
        if (other === undefined || !isFirst(areas, field, other)) continue;
        const key = `${field} ${other} ${bend}`;
        const edge = sums.get(key) ?? { panel: part.key, a: field, b: other, bend, beaded, m: 0 };
        edge.m += m;
        sums.set(key, edge);
      }
  return [...sums.values()].filter((edge) => edge.m > toleranceM);
}

const areaOf = (field: string | null, figures: readonly Figure[]): Area => {
  const rings = figures.flatMap(({ outline, holes }) => [outline, ...holes]);
  return { field, rings, bounds: boundsOf(rings.flat()) };
};

const isFirst = (areas: readonly Area[], field: string | null, other: string | null): boolean =>
  other === null ||
  areas.findIndex((one) => one.field === field) < areas.findIndex((one) => one.field === other);

/** A piece cut at the corners of other fields that lie on it. */
function splitAt({ from, to, bend }: Piece, corners: readonly Point[]): Piece[] {
  const [du, dv] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(du, dv);
  const [left, right] = [Math.min(from[0], to[0]) - besideM, Math.max(from[0], to[0]) + besideM];
  const [low, high] = [Math.min(from[1], to[1]) - besideM, Math.max(from[1], to[1]) + besideM];
  const on: number[] = [];
  for (const [u, v] of corners) {
    if (u < left || u > right || v < low || v > high) continue;
    const along = ((u - from[0]) * du + (v - from[1]) * dv) / length;
    const aside = Math.abs((u - from[0]) * dv - (v - from[1]) * du) / length;
    if (aside < besideM && along > besideM && along < length - besideM) on.push(along / length);
  }
  if (on.length === 0) return [{ from, to, bend }];
  const shares = [0, ...on.sort((a, b) => a - b), 1];
  const at = (share: number): Point => [from[0] + du * share, from[1] + dv * share];
  return shares.slice(1).map((share, i) => ({ from: at(shares[i]!), to: at(share), bend }));
}

/** Pieces of a ring with the bend of the line there. */
function piecesOf(ring: readonly Point[]): Piece[] {
  const edges = edgesOf(ring);
  return edges.map(([from, to], i) => {
    const before = edges.at(i - 1)!;
    const after = edges[(i + 1) % edges.length]!;
    return { from, to, bend: bendOf(before, [from, to], after) };
  });
}

/** A corner is where two lines meet, not a bend of one: it turns more than this. */
const cornerRad = Math.PI / 9;

function bendOf(before: [Point, Point], own: [Point, Point], after: [Point, Point]): Bend {
  const turns = [turnOf(before, own), turnOf(own, after)].filter((turn) => turn < cornerRad);
  const turn = turns.length === 0 ? 0 : Math.max(...turns);
  const radiusM = turn < 1e-6 ? Infinity : lengthOf(own) / turn;
  return radiusM > straightRadiusM ? 'straight' : radiusM < tightRadiusM ? 'tight' : 'gentle';
}

const lengthOf = ([from, to]: [Point, Point]): number => Math.hypot(to[0] - from[0], to[1] - from[1]);
function turnOf(a: [Point, Point], b: [Point, Point]): number {
  const angle = ([[u, v], [toU, toV]]: [Point, Point]) => Math.atan2(toV - v, toU - u);
  const turn = Math.abs(angle(b) - angle(a)) % (2 * Math.PI);
  return Math.min(turn, 2 * Math.PI - turn);
}

/** The field on the other side of a piece of the edge of one; undefined where the panel ends there. */
function beside(
  [au, av]: Point,
  [bu, bv]: Point,
  areas: readonly Area[],
  own: string | null,
): string | null | undefined {
  const length = Math.hypot(bu - au, bv - av);
  if (length < toleranceM) return undefined;
  const [nu, nv] = [(-(bv - av) / length) * besideM, ((bu - au) / length) * besideM];
  const [mu, mv] = [(au + bu) / 2, (av + bv) / 2];
  for (const side of [1, -1]) {
    const point: Point = [mu + side * nu, mv + side * nv];
    const found = areas.find((area) => area.field !== own && holds(area, point));
    if (found) return found.field;
  }
  return undefined;
}

/** Whether a point lies in an area: even and odd crossings of a ray. */
function holds({ rings, bounds }: Area, [u, v]: Point): boolean {
  if (u < bounds.left || u > bounds.right || v < bounds.top || v > bounds.bottom) return false;
  let inside = false;
  for (const ring of rings)
    for (const [[au, av], [bu, bv]] of edgesOf(ring))
      if (av > v !== bv > v && u < au + ((bu - au) * (v - av)) / (bv - av)) inside = !inside;
  return inside;
}
