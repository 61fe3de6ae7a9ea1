import type { Wheel } from './body-kind';
import { circle, differenceOf, perimeterM, polygonAreaM2, rectangle, type Point } from '../geometry';
import { partFromOutline, type Part, type PartDraft, type Shape, type Side } from './part';

/** Points of a side in shares, x and y in turn: x of the length from the rear, y of the side's girth from the sill up. */
type Shares = readonly number[];

interface PanelSpec {
  code: string;
  name: string;
  section: string;
  shape?: Shape;
  curve?: readonly [factor: number, reason: string];
  /** Back faces and edges as a share of the outside area. */
  inside?: number;
  /** Creases along the panel: how many times its length. */
  beads?: number;
  /** Folded or sealed seams: share of the panel's outline. */
  seams?: number;
  /** Welts, lips and trim that are taped: share of the panel's outline beside its openings; a quarter unless said. */
  trim?: number;
}

export interface SidePanel extends PanelSpec {
  outline: Shares;
  glass?: Shares;
}

/** A panel of the middle strip between the sides: bonnet, roof, boot lid. */
export interface MiddlePanel extends PanelSpec {
  from: number;
  to: number;
  /** Share of the vehicle's width. */
  width: number;
}

/** A panel of an end, folded out from the middle strip. */
export interface EndPanel extends PanelSpec {
  end: 'front' | 'rear';
  /** Developed height, m, and share of the width. */
  heightM: number;
  width: number;
  glass?: number;
}

/** A part that travels by itself; both faces lie side by side when `faces` is 2. */
export interface LoosePanel extends PanelSpec {
  lengthM: number;
  widthM: number;
  faces: 1 | 2;
}

/** A vehicle of sheet panels described in shares; the engine below lays it flat at given dimensions. */
export interface SheetBody {
  arches: readonly { x: number; radiusM: number }[];
  side: readonly SidePanel[];
  middle: readonly MiddlePanel[];
  ends: readonly EndPanel[];
  loose: readonly LoosePanel[];
}

export interface SheetSize {
  lengthM: number;
  widthM: number;
  /** Developed height of a side from sill to gutter: a tape laid along the surface. */
  girthM: number;
}

const gapM = 0.2;
const swages: PanelSpec['curve'] = [1.05, 'side with swages and a turned-in sill'];
const crowned: PanelSpec['curve'] = [1.03, 'crowned across and along'];

const finish = (spec: PanelSpec, draft: Omit<PartDraft, 'shape'>, curve: PanelSpec['curve']): Part => {
  const outside = polygonAreaM2(draft.outline);
  const outlineM = perimeterM(draft.outline);
  const xs = draft.outline.map(([x]) => x);
  return partFromOutline({
    ...draft,
    shape: spec.shape ?? 'curved',
    curveFactor: (spec.curve ?? curve)![0],
    curveReason: (spec.curve ?? curve)![1],
    insideM2: (spec.inside ?? 0) * outside,
    beadM: (spec.beads ?? 0) * (Math.max(...xs) - Math.min(...xs)),
    seamM: (spec.seams ?? 0.25) * outlineM,
    trimM:
      (draft.holes ?? []).reduce((sum, hole) => sum + perimeterM(hole), 0) + (spec.trim ?? 0.25) * outlineM,
  });
};

/** One side; the sill lies at the outer edge of the net on both sides, wheel arches are cut out of the panels. */
function sideParts(body: SheetBody, size: SheetSize, side: 'left' | 'right', top: number): Part[] {
  const y = (share: number) =>
    side === 'left' ? top + share * size.girthM : top + (1 - share) * size.girthM;
  const place = (shares: Shares): Point[] => {
    const placed = Array.from({ length: shares.length / 2 }, (_, i): Point => [
      shares[2 * i]! * size.lengthM,
      y(shares[2 * i + 1]!),
    ]);
    return side === 'left' ? placed : placed.reverse();
  };
  const wheels = body.arches.map((arch) => ({
    outline: circle(arch.x * size.lengthM, y(0), arch.radiusM),
  }));
  return body.side.flatMap((panel) => {
    const holes = panel.glass ? [place(panel.glass)] : [];
    const [cut] = differenceOf({ outline: place(panel.outline), holes }, wheels).sort(
      (a, b) => polygonAreaM2(b.outline) - polygonAreaM2(a.outline),
    );
    if (!cut) return [];
    const { code, name, section } = panel;
    const letter = side === 'left' ? 'L' : 'R';
    return [
      finish(panel, { key: `${code}${letter}`, name: `${side} ${name}`, section, side, ...cut }, swages),
    ];
  });
}

function middleParts(body: SheetBody, size: SheetSize, top: number): Part[] {
  return body.middle.map((panel) => {
    const height = panel.width * size.widthM;
    const outline = rectangle(
      panel.from * size.lengthM,
      top + (size.widthM - height) / 2,
      (panel.to - panel.from) * size.lengthM,
      height,
    );
    const { code: key, name, section } = panel;
    return finish(panel, { key, name, section, side: 'top', outline }, crowned);
  });
}

/** The ends fold out from the middle strip, their panels one after the other from the top down. */
function endParts(body: SheetBody, size: SheetSize, top: number): Part[] {
  return (['front', 'rear'] as const).flatMap((end) => {
    let from = gapM;
    return body.ends
      .filter((panel) => panel.end === end)
      .map((panel) => {
        const height = panel.width * size.widthM;
        const y = top + (size.widthM - height) / 2;
        const x = end === 'front' ? size.lengthM + from : -from - panel.heightM;
        from += panel.heightM;
        const outline = rectangle(x, y, panel.heightM, height);
        const scale = Math.sqrt(panel.glass ?? 0);
        const [w, h] = [panel.heightM * scale, height * scale];
        const holes = panel.glass ? [rectangle(x + (panel.heightM - w) / 2, y + (height - h) / 2, w, h)] : [];
        const { code: key, name, section } = panel;
        return finish(panel, { key, name, section, side: end as Side, outline, holes }, crowned);
      });
  });
}

/** Loose parts in columns at the right of the net, no column longer than the net is high. */
function looseParts(panels: readonly LoosePanel[], left: number, highM: number): Part[] {
  let [x, y, wide] = [left, 0, 0];
  return panels.flatMap((panel) => {
    if (y > 0 && y + panel.widthM > highM) [x, y, wide] = [x + wide + gapM, 0, 0];
    const top = y;
    y += panel.widthM + gapM;
    wide = Math.max(wide, panel.faces * panel.lengthM + (panel.faces - 1) * 0.06);
    const faces = panel.faces === 2 ? (['outer', 'inner'] as const) : ([''] as const);
    return faces.map((face, i) =>
      finish(
        panel,
        {
          key: `${panel.code}${face === 'inner' ? 'I' : ''}`,
          name: face ? `${panel.name} ${face}` : panel.name,
          section: panel.section,
          side: 'loose',
          outline: rectangle(x + i * (panel.lengthM + 0.06), top, panel.lengthM, panel.widthM),
        },
        [1.15, 'pressed part, double curvature'],
      ),
    );
  });
}

/** Lays the vehicle flat: left side, middle strip with the ends folded out, right side; loose parts at the right. */
/** Wheels under the arches of a body, a little smaller than they are. */
export const wheelsOf = ({ arches }: SheetBody, lengthM: number): Wheel[] =>
  arches
    .map(({ x, radiusM }) => ({ fromFrontM: (1 - x) * lengthM, radiusM: radiusM * 0.9 }))
    .sort((a, b) => a.fromFrontM - b.fromFrontM);

export function sheetParts(body: SheetBody, size: SheetSize): Part[] {
  const middleTop = size.girthM + gapM;
  const rightTop = middleTop + size.widthM + gapM;
  const ends = endParts(body, size, middleTop);
  const rightmost = Math.max(size.lengthM, ...ends.flatMap((part) => part.outline.map(([x]) => x)));
  return [
    ...sideParts(body, size, 'left', 0),
    ...middleParts(body, size, middleTop),
    ...ends,
    ...sideParts(body, size, 'right', rightTop),
    ...looseParts(body.loose, rightmost + 2 * gapM, rightTop + size.girthM),
  ];
}
