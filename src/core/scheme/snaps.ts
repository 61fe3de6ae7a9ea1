import type { Construction } from '../record';
import { edgeMeasures, spanOf } from './edge-measures';
import { edgeProfile } from './edge-profile';
import type { Strip } from './strip';

/** A height on a strip that a line is laid to: an edge that can be found, the middle between two, another line. */
export interface Mark {
  /** Above the lowest point of the strip, m. */
  heightM: number;
  of: 'lower-edge' | 'upper-edge' | 'opening' | 'middle' | 'line';
  /** The panel, or the construction. */
  name: string;
}

/** A move up a strip that brings an edge of a construction to a mark. */
export interface Snap {
  upMm: number;
  mark: Mark;
}

/** Heights of a construction's own edges at a place of its strip; empty where it is not there. */
const edgesAt = (strip: Strip, one: Construction, u: number): number[] =>
  edgeMeasures(strip, one).flatMap((at) => at(u) ?? []);

/** What lines are laid to at a place of a strip: edges of panels and openings, their middles, other lines. */
export function marksAt(strip: Strip, others: readonly Construction[], u: number): Mark[] {
  const panels = strip.panels.flatMap((panel): Mark[] => {
    const { key } = panel.part;
    const [lower, upper] = [edgeProfile([panel], 'lower').at(u), edgeProfile([panel], 'upper').at(u)];
    if (lower === null || upper === null) return [];
    const openings = panel.figure.holes.flatMap((hole): Mark[] => {
      const own = [{ figure: { outline: hole } }];
      return (['lower', 'upper'] as const).flatMap((edge) => {
        const heightM = edgeProfile(own, edge).at(u);
        return heightM === null ? [] : [{ heightM, of: 'opening' as const, name: key }];
      });
    });
    return [
      { heightM: lower, of: 'lower-edge', name: key },
      { heightM: upper, of: 'upper-edge', name: key },
      { heightM: (lower + upper) / 2, of: 'middle', name: key },
      ...openings,
    ];
  });
  const lines = others.flatMap((one) =>
    edgesAt(strip, one, u).map((heightM): Mark => ({ heightM, of: 'line', name: one.name })),
  );
  return [...panels, ...lines];
}

/** Where a construction is held to its marks: at its first station, within the strip and its own length. */
function placeOf(strip: Strip, one: Construction): number {
  const [from] = spanOf(strip, one);
  return Math.min(strip.lengthM, Math.max(one.shape.line.stations[0]!.atMm / 1000, from));
}

/**
 * Tells for every move up a strip where the hand would let go: the nearest mark within reach that an edge of the
 * construction, or its middle, comes to.
 * @param others constructions on the same strip   @param reachMm how near it has to come
 */
export function snapper(
  strip: Strip,
  one: Construction,
  others: readonly Construction[],
  reachMm: number,
): (upMm: number) => Snap | null {
  const u = placeOf(strip, one);
  const own = edgesAt(strip, one, u);
  const middle = own.length > 1 ? [(Math.min(...own) + Math.max(...own)) / 2] : [];
  const marks = marksAt(strip, others, u);
  const snaps = marks.flatMap((mark) =>
    // A middle is met by a middle, an edge by an edge or by the middle of a band that is centred on it.
    (mark.of === 'middle' ? (middle.length > 0 ? middle : own) : [...own, ...middle]).map((height): Snap => ({
      upMm: (mark.heightM - height) * 1000,
      mark,
    })),
  );
  return (upMm) => {
    let nearest: Snap | null = null;
    for (const snap of snaps) {
      const off = Math.abs(snap.upMm - upMm);
      if (off <= reachMm && (!nearest || off < Math.abs(nearest.upMm - upMm))) nearest = snap;
    }
    return nearest;
  };
}
