import { boundsOf, perimeterM, polygonAreaM2, type Point } from '../geometry';

export const shapes = ['flat', 'curved', 'beaded', 'riveted', 'tube'] as const;
/** How a surface is formed; it bends the minutes of sanding and spraying and the share of spray that stays. */
export type Shape = (typeof shapes)[number];

export const sides = ['left', 'right', 'top', 'bottom', 'front', 'rear', 'loose'] as const;
export type Side = (typeof sides)[number];

/** A part of a panel that the scheme has cut. */
export interface PartField {
  /** Its colour; null for what keeps the colour of the section. */
  colour: string | null;
  edges: readonly PartEdge[];
}

/** Where a field meets another colour of its panel. */
export interface PartEdge {
  to: string;
  m: number;
  /** Metres of straight edge that take as long to tape. */
  effortM: number;
  /** Metres of tape that mask the other colour here: the edge, or one run over a narrow field with tape of its width. */
  tapedM: number;
  /** Metres of it in tight bends. */
  tightM: number;
  /** Width of the tape that masks the other colour in one run, mm; null where its edges are taped. */
  ownTapeMm: number | null;
}

export interface Part {
  key: string;
  name: string;
  /** The section it travels and is finished with. */
  section: string;
  side: Side;
  /** Closed outline on the net, m. */
  outline: Point[];
  /** Openings (glass, wheel) inside the outline, m. */
  holes: Point[][];
  shape: Shape;
  /** True area over polygon area where the surface cannot be unrolled flat, with the reason. */
  curveFactor: number;
  curveReason: string;
  outsideM2: number;
  /** Back faces, jambs and edges that are painted too. */
  insideM2: number;
  /** Length to tape along trim, glass and joints, m. */
  trimM: number;
  /** Beads and creases that slow sanding and taping, m. */
  beadM: number;
  /** Rivet lines, m. */
  rivetM: number;
  /** Folded, lapped or sealed seams, m. */
  seamM: number;
  /** A measured figure of the shop stands in place of the computed outside area. */
  measured: boolean;
  /** Where a scheme cuts the panel: what of it this is. */
  field?: PartField;
  /** What is sprayed past its lines onto fields whose colour comes later and hides it, m². */
  pastM2?: number;
  /** Edges of what is laid in leaf on it once it is finished, m. */
  leafM?: number;
  /** Texture on it up to a break line: its area, and the line to tape. */
  texture?: { m2: number; lineM: number };
}

export type PartDraft = Pick<Part, 'key' | 'name' | 'section' | 'side' | 'outline' | 'shape'> &
  Partial<
    Pick<Part, 'holes' | 'curveFactor' | 'curveReason' | 'insideM2' | 'trimM' | 'beadM' | 'rivetM' | 'seamM'>
  >;

/**
 * Completes a part from its outline: area = (outline − openings) × curve factor; trim to tape, unless given, = edges of
 * the openings and a quarter of the outline.
 */
export function partFromOutline(draft: PartDraft): Part {
  const holes = draft.holes ?? [];
  const curveFactor = draft.curveFactor ?? 1;
  const netM2 = polygonAreaM2(draft.outline) - holes.reduce((sum, hole) => sum + polygonAreaM2(hole), 0);
  return {
    ...draft,
    holes,
    curveFactor,
    curveReason: draft.curveReason ?? 'flat, unrolls as it is',
    outsideM2: netM2 * curveFactor,
    insideM2: draft.insideM2 ?? 0,
    trimM:
      draft.trimM ??
      holes.reduce((sum, hole) => sum + perimeterM(hole), 0) + 0.25 * perimeterM(draft.outline),
    beadM: draft.beadM ?? 0,
    rivetM: draft.rivetM ?? 0,
    seamM: draft.seamM ?? 0,
    measured: false,
  };
}

const summed = ['outsideM2', 'insideM2', 'trimM', 'beadM', 'rivetM', 'seamM'] as const;

/**
 * The panels that parts are of, each once, in their order: fields that a scheme cuts out of one are put together again,
 * with the outline of what keeps the panel's own colour where that is among them.
 */
export function panelsOf(parts: readonly Part[]): Part[] {
  const panels = new Map<string, Part>();
  for (const part of parts) {
    const before = panels.get(part.key);
    if (!before) {
      panels.set(part.key, part);
      continue;
    }
    const whole = { ...(part.field?.colour === null ? part : before) };
    for (const figure of summed) whole[figure] = before[figure] + part[figure];
    panels.set(part.key, whole);
  }
  return [...panels.values()];
}

/** Length and width of a part lying flat off the vehicle, m, the longer first. */
export function sizeOf(part: Pick<Part, 'outline'>): { lengthM: number; widthM: number } {
  const { left, right, top, bottom } = boundsOf(part.outline);
  const [a, b] = [right - left, bottom - top];
  return { lengthM: Math.max(a, b), widthM: Math.min(a, b) };
}
