import { figureAreaM2, selfCrossing, type Figure, type Point } from '../geometry';
import type { Construction } from '../record';
import type { BodyKind, Part } from '../vehicle';
import { cutPanel, type Cut } from './cut';
import { fieldEdges, type FieldEdge } from './field-edges';
import { regionsOf, type Region } from './region';
import { stripKeys, stripOf, type Strip } from './strip';

/** A field of a panel: what of it has one colour of its own. */
export interface FieldPiece {
  field: string;
  construction: string;
  colour: string;
  panel: string;
  /** On the panel layout. */
  figures: readonly Figure[];
  /** With the curve of the panel, or by its measured area, m². */
  areaM2: number;
}

/** What is wrong with a construction. */
export interface SchemeFault {
  construction: string;
  code: 'no-strip' | 'no-datum' | 'no-panel' | 'crosses-itself' | 'covered' | 'beyond-the-end';
  strip: string;
}

export interface SchemeLayout {
  strips: readonly Strip[];
  pieces: readonly FieldPiece[];
  edges: readonly FieldEdge[];
  faults: readonly SchemeFault[];
}

/** The fields of all panels, their edges, and what is wrong with what was laid out. */
export function layoutOf(
  parts: readonly Part[],
  route: BodyKind['route'],
  constructions: readonly Construction[],
): SchemeLayout {
  const ordered = [...constructions].sort((a, b) => a.place - b.place);
  const strips = new Map<string, Strip | null>();
  const byStrip = new Map<string, Region[]>();
  const faults: SchemeFault[] = [];
  for (const construction of ordered)
    for (const key of stripKeys(construction.strip)) {
      if (!strips.has(key)) strips.set(key, stripOf(parts, route, key));
      const strip = strips.get(key)!;
      const { regions, code } = laid(strip, construction);
      if (code) faults.push({ construction: construction.id, code, strip: key });
      byStrip.set(key, [...(byStrip.get(key) ?? []), ...regions]);
    }
  const pieces: FieldPiece[] = [];
  const edges: FieldEdge[] = [];
  for (const [key, regions] of byStrip) {
    const strip = strips.get(key);
    for (const panel of strip?.panels ?? []) {
      const { cuts, rest } = cutPanel(panel, regions);
      pieces.push(...cuts.map((cut) => pieceOf(strip!, panel.part, cut)));
      edges.push(...fieldEdges(panel, cuts, rest));
    }
    const seen = new Set(pieces.map((piece) => piece.construction));
    for (const { construction } of regions)
      if (
        !seen.has(construction) &&
        !faults.some((one) => one.construction === construction && one.strip === key)
      )
        faults.push({
          construction,
          code: isOn(strip!, regions, construction) ? 'covered' : 'no-panel',
          strip: key,
        });
  }
  return { strips: [...strips.values()].flatMap((one) => one ?? []), pieces, edges, faults };
}

/** What a construction covers on its strip, or why nothing. */
function laid(
  strip: Strip | null,
  construction: Construction,
): { regions: readonly Region[]; code: SchemeFault['code'] | null } {
  if (!strip) return { regions: [], code: 'no-strip' };
  const regions = regionsOf(strip, construction);
  if (!regions) return { regions: [], code: 'no-datum' };
  const rings = regions.flatMap((region) => region.rings);
  if (rings.some((ring) => selfCrossing(ring) !== null)) return { regions: [], code: 'crosses-itself' };
  return { regions, code: isBeyond(strip, construction) ? 'beyond-the-end' : null };
}

/** Its ends are typed further than the strip is long. */
function isBeyond({ lengthM }: Strip, { shape }: Construction): boolean {
  const far = lengthM * 1000 + 1;
  switch (shape.kind) {
    case 'band':
      return (shape.fromMm ?? 0) > far || (shape.toMm ?? 0) > far;
    case 'box':
      return shape.atMm + shape.lengthMm > far;
    default:
      return false;
  }
}

/** Alone it would cover something: what lies over it hides it. */
const isOn = (strip: Strip, regions: readonly Region[], construction: string): boolean => {
  const own = regions.filter((region) => region.construction === construction);
  return strip.panels.some((panel) => cutPanel(panel, own).cuts.length > 0);
};

function pieceOf(strip: Strip, part: Part, { region, figures, flatM2 }: Cut): FieldPiece {
  const back = (ring: readonly Point[]) => ring.map(strip.toLayout);
  const whole = figureAreaM2(part);
  return {
    field: region.field,
    construction: region.construction,
    colour: region.colour,
    panel: part.key,
    figures: figures.map(({ outline, holes }) => ({ outline: back(outline), holes: holes.map(back) })),
    // A measured area stands for the whole panel: its fields have their share of it.
    areaM2: whole > 0 ? (part.outsideM2 * flatM2) / whole : 0,
  };
}
