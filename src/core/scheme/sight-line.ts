import type { Point } from '../geometry';
import type { Construction } from '../record';
import { edgeMeasures, spanOf, type EdgeMeasure } from './edge-measures';
import { edgeProfile } from './edge-profile';
import type { Strip } from './strip';

/** Where the eye is: before the front end, off the side, and above the level of the lowest point, m. */
export interface Eye {
  beforeM: number;
  offM: number;
  heightM: number;
}

/** Crouched at the front corner, and standing on a step beside it. */
export const eyes = {
  low: { beforeM: 1.5, offM: 0.5, heightM: 0.4 },
  above: { beforeM: 1.5, offM: 0.5, heightM: 2.6 },
} as const satisfies Record<string, Eye>;

/** A change of direction that the eye catches along a line, in degrees. */
export const kinkDeg = 0.3;

export interface Kink {
  atMm: number;
  deg: number;
}

/** A side seen along its length: points right of and above the point that all level lines run to. */
export interface SightView {
  strip: string;
  /** Edges of the construction as they are seen, each from the front to the rear. */
  edges: Point[][];
  /** Upper edge of the side; its lower one is broken by arches. */
  outline: Point[];
}

const stepM = 0.05;

/** From the front to the rear in steps that the eye does not see, ends included. */
function places(from: number, to: number): number[] {
  const count = Math.max(1, Math.ceil((to - from) / stepM));
  return Array.from({ length: count + 1 }, (_, i) => from + ((to - from) * i) / count);
}

/** Heights of the edges of a construction along its strip, m; a field has its line alone. */
function edgesOf(strip: Strip, one: Construction): Point[][] {
  const [from, to] = spanOf(strip, one);
  const [first, last] = [Math.max(0, from), Math.min(strip.lengthM, to)];
  const pins = [...one.shape.line.stations, ...(one.shape.kind === 'band' ? one.shape.widths : [])]
    .map(({ atMm }) => atMm / 1000)
    .filter((u) => u > first && u < last);
  // A step beside a pin would see half of its bend.
  const steps = places(first, last).filter((u) => pins.every((pin) => Math.abs(pin - u) > stepM / 2));
  const along = [...steps, ...pins].sort((a, b) => a - b);
  return edgeMeasures(strip, one).map((at) => pointsAlong(at, along));
}

const pointsAlong = (at: EdgeMeasure, along: readonly number[]): Point[] =>
  along.flatMap((u): Point[] => {
    const v = at(u);
    return v === null ? [] : [[u, v]];
  });

/**
 * A construction as it is seen along the sides it lies on. Plain perspective: what lies `d` before the eye is drawn at
 * `off / d` and `(height − eye) / d`, left of the middle on the left side.
 */
export function sightViews(strips: readonly Strip[], one: Construction, eye: Eye): SightView[] {
  return strips.map((strip) => {
    const side = strip.key === 'left' ? -1 : 1;
    const seen = ([u, v]: Point): Point => [
      (side * eye.offM) / (u + eye.beforeM),
      (v - eye.heightM) / (u + eye.beforeM),
    ];
    const outline = pointsAlong(edgeProfile(strip.panels, 'upper').at, places(0, strip.lengthM)).map(seen);
    return { strip: strip.key, edges: edgesOf(strip, one).map((edge) => edge.map(seen)), outline };
  });
}

/** Places where an edge of a construction changes its direction so that the eye catches it, the sharpest first. */
export function kinksOf(strip: Strip, one: Construction): Kink[] {
  const found = new Map<number, number>();
  for (const edge of edgesOf(strip, one))
    for (let i = 1; i < edge.length - 1; i += 1) {
      const [[au, av], [bu, bv], [cu, cv]] = [edge[i - 1]!, edge[i]!, edge[i + 1]!];
      const turn = Math.atan2(cv - bv, cu - bu) - Math.atan2(bv - av, bu - au);
      const deg = Math.abs((turn * 180) / Math.PI);
      const atMm = Math.round(bu * 1000);
      if (deg > kinkDeg) found.set(atMm, Math.max(found.get(atMm) ?? 0, deg));
    }
  return [...found].map(([atMm, deg]) => ({ atMm, deg })).sort((a, b) => b.deg - a.deg || a.atMm - b.atMm);
}
