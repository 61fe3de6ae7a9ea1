export const shapes = ['flat', 'curved', 'beaded', 'riveted', 'tube'] as const;
/** How a surface is formed; it bends the minutes of sanding and spraying and the share of spray that stays. */
export type Shape = (typeof shapes)[number];

export const sides = ['left', 'right', 'top', 'bottom', 'front', 'rear', 'loose'] as const;
export type Side = (typeof sides)[number];

/** Metres on the net, x along the vehicle, y across the developed surface. */
export type Point = readonly [x: number, y: number];

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
  /** Beads and rivet lines that slow sanding and taping, m. */
  beadM: number;
  /** A measured figure of the shop stands in place of the computed outside area. */
  measured: boolean;
}

/** Area of a closed polygon in m² (shoelace formula), never negative. */
export function polygonAreaM2(points: readonly Point[]): number {
  let twice = 0;
  points.forEach(([x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!;
    twice += x * nextY - nextX * y;
  });
  return Math.abs(twice) / 2;
}

/** Length round a closed polygon, m. */
export function perimeterM(points: readonly Point[]): number {
  return points.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!;
    return sum + Math.hypot(nextX - x, nextY - y);
  }, 0);
}

export type PartDraft = Pick<Part, 'key' | 'name' | 'section' | 'side' | 'outline' | 'shape'> &
  Partial<Pick<Part, 'holes' | 'curveFactor' | 'curveReason' | 'insideM2' | 'beadM'>>;

/** Completes a part from its outline: area = (outline − openings) × curve factor; trim = edges of the openings. */
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
    trimM: holes.reduce((sum, hole) => sum + perimeterM(hole), 0) + 0.25 * perimeterM(draft.outline),
    beadM: draft.beadM ?? 0,
    measured: false,
  };
}

/** A rectangle as an outline. */
export const rectangle = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];
