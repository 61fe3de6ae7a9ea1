import type { Construction } from '../record';
import { straightMeasure } from './batten';
import { spanOf } from './edge-measures';
import { edgeProfile } from './edge-profile';
import { lineOnStrip } from './laid-line';
import { stripKeys, type Strip } from './strip';

/** Where a line is to be found with a steel rule, at one place along a strip. */
export interface StationRow {
  atMm: number;
  /** The panel that it lies on there; null over an opening or a gap. */
  panel: string | null;
  /** Above the lower edge of that panel, which can be found in the shop. */
  fromEdgeMm: number | null;
  /** Height above the level of the lowest point of each strip: alike where the strips are. */
  heightsMm: number[];
  /** Width there; null for what has none. */
  widthMm: number | null;
}

/** Left and right may differ by this, mm: the width of a pencil line. */
export const sightToleranceMm = 1;

/** Rulers are read here besides the typed stations: a hand behind each front edge of a panel. */
const behindEdgeM = 0.05;

/**
 * The stations of a construction: its own, and one on each panel that it runs over.
 * @param strips those it lies on, of which the first names the panels
 */
export function stationTable(strips: readonly Strip[], { shape }: Pick<Construction, 'shape'>): StationRow[] {
  const [first] = strips;
  if (!first) return [];
  const lines = strips.flatMap((strip) => lineOnStrip(strip, shape.line) ?? []);
  const [line] = lines;
  if (!line) return [];
  const width = shape.kind === 'band' ? straightMeasure(shape.widths) : null;
  return placesOf(first, shape).map((u) => {
    const height = line.height(u);
    const panel = first.panels.find((one) => {
      const [lower, upper] = [edgeProfile([one], 'lower').at(u), edgeProfile([one], 'upper').at(u)];
      return lower !== null && upper !== null && height >= lower && height <= upper;
    });
    const edge = panel ? edgeProfile([panel], 'lower').at(u) : null;
    return {
      atMm: Math.round(u * 1000),
      panel: panel?.part.key ?? null,
      fromEdgeMm: edge === null ? null : toMm(height - edge),
      heightsMm: lines.map((one) => toMm(one.height(u))),
      widthMm: width ? toMm(width(u)) : null,
    };
  });
}

const toMm = (m: number): number => Math.round(m * 10000) / 10;

/** Typed places and one behind the front edge of each panel, in their order; those of a band within its ends. */
function placesOf(strip: Strip, shape: Construction['shape']): number[] {
  const { panels, lengthM } = strip;
  const typed = [
    ...shape.line.stations.map(({ atMm }) => atMm / 1000),
    ...(shape.kind === 'band' ? shape.widths.map(({ atMm }) => atMm / 1000) : []),
  ];
  const edges = panels.map(({ figure }) => Math.min(...figure.outline.map(([u]) => u)) + behindEdgeM);
  const [from, to] = spanOf(strip, { shape });
  const all = [...typed, ...edges, from, to].filter((u) => u >= from && u <= to && u <= lengthM);
  return [...new Set(all.map((u) => Math.round(u * 1000) / 1000))].sort((a, b) => a - b);
}

/** The strips a construction lies on, of those that a layout has laid out. */
export const stripsOf = (strips: readonly Strip[], on: string): Strip[] =>
  stripKeys(on).flatMap((key) => strips.find((strip) => strip.key === key) ?? []);
