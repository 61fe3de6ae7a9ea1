import type { Point } from '../geometry';
import type { LaidLine } from '../record';
import { drawn, fairedMeasure, straightMeasure, type Measure } from './batten';
import { edgeProfile, level, rowOf, type Profile } from './edge-profile';
import type { Strip } from './strip';

/** A line laid on a strip: its height at any place, and the places that it must be drawn through. */
export interface LineOnStrip {
  height: Measure;
  places: readonly number[];
  isCurved: boolean;
}

/** What the heights of a line are measured from; null where the panel it names is not on the strip. */
export function datumOf(strip: Strip, { datum, panel }: LaidLine): Profile | null {
  switch (datum) {
    case 'base':
      return level(0);
    case 'lower':
    case 'upper':
      return edgeProfile(strip.panels, datum);
    case 'panel-lower':
    case 'panel-upper': {
      const own = strip.panels.find(({ part }) => part.key === panel);
      const edge = datum === 'panel-lower' ? 'lower' : 'upper';
      return own ? edgeProfile(rowOf(strip.panels, own, edge), edge) : null;
    }
  }
}

/** Beyond the ends of what it is measured from a line keeps the height of the end. */
function heightOf({ at, breaks }: Profile): Measure {
  const [first, last] = [breaks[0], breaks.at(-1)];
  return (u) => {
    const own = at(u);
    if (own !== null) return own;
    const end = first !== undefined && u < first ? first : (last ?? u);
    return at(end) ?? 0;
  };
}

/** @returns null where the strip has nothing that the line is measured from */
export function lineOnStrip(strip: Strip, line: LaidLine): LineOnStrip | null {
  const profile = datumOf(strip, line);
  if (!profile) return null;
  const base = heightOf(profile);
  const isFaired = line.fairing === 'faired' && line.stations.length > 2;
  const offset = isFaired ? fairedMeasure(line.stations) : straightMeasure(line.stations);
  const places = [...profile.breaks, ...line.stations.map(({ atMm }) => atMm / 1000)];
  return { height: (u) => base(u) + offset(u), places, isCurved: isFaired };
}

/** The line as points from one place to another. */
export function pointsOf(
  { height, places, isCurved }: LineOnStrip,
  from: number,
  to: number,
  more: readonly number[] = [],
): Point[] {
  const between = [...places, ...more].filter((u) => u > from && u < to);
  return drawn(height, [from, ...between.sort((a, b) => a - b), to], isCurved);
}
