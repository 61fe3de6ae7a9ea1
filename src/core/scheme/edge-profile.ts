import { edgesOf, toleranceM, type Point, type Ring } from '../geometry';
import type { StripPanel } from './strip';

/** A height along a strip, with the places where it bends or jumps. */
export interface Profile {
  /** m at a place; null where nothing is there. */
  at(u: number): number | null;
  breaks: readonly number[];
}

export type Edge = 'lower' | 'upper';

export const level = (v: number): Profile => ({ at: () => v, breaks: [] });

const pick = (edge: Edge) => (edge === 'lower' ? Math.min : Math.max);

/** The lower or upper edge of panels, as a tape laid along it would find it. */
export function edgeProfile(panels: readonly { figure: { outline: Ring } }[], edge: Edge): Profile {
  const pieces = panels.flatMap(({ figure }) => edgesOf(figure.outline));
  const at = (u: number): number | null => {
    let found: number | null = null;
    for (const [a, b] of pieces) {
      const v = heightOn(a, b, u, edge);
      if (v !== null) found = found === null ? v : pick(edge)(found, v);
    }
    return found;
  };
  const breaks = [...new Set(pieces.map(([[u]]) => u))].sort((a, b) => a - b);
  return { at, breaks };
}

/** Height of a piece at a place; of an upright piece its end that counts. */
function heightOn([au, av]: Point, [bu, bv]: Point, u: number, edge: Edge): number | null {
  if (u < Math.min(au, bu) - toleranceM || u > Math.max(au, bu) + toleranceM) return null;
  if (Math.abs(bu - au) < toleranceM) return pick(edge)(av, bv);
  const share = Math.max(0, Math.min(1, (u - au) / (bu - au)));
  return av + (bv - av) * share;
}

/** Edges of neighbours this close run on as one line, m. */
const runsOnM = 0.002;

/** The row of a panel: it and its neighbours along the strip whose edge runs on from its own. */
export function rowOf(panels: readonly StripPanel[], panel: StripPanel, edge: Edge): StripPanel[] {
  const endsOf = (one: StripPanel) => {
    const { at, breaks } = edgeProfile([one], edge);
    const [from, to] = [breaks[0]!, breaks.at(-1)!];
    return { from: [from, at(from)!] as Point, to: [to, at(to)!] as Point };
  };
  const near = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]) <= runsOnM;
  const row = [panel];
  const left = new Set(panels.filter((one) => one !== panel));
  for (let i = 0; i < row.length; i += 1) {
    const own = endsOf(row[i]!);
    for (const one of left) {
      const other = endsOf(one);
      if (!near(own.to, other.from) && !near(own.from, other.to)) continue;
      row.push(one);
      left.delete(one);
    }
  }
  return row;
}
