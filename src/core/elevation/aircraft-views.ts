import { boundsOf, circle, type Point } from '../geometry';
import type { Strip } from '../scheme';
import type { Part } from '../vehicle';
import type { Body } from './body';
import { along } from './body-views';
import type { ElevationShape, ElevationView } from './model';
import { pieceSeen, plainShape, stripSeen, type Projection } from './projected';

/** A fuselage of half girths on wheels, with wings, tail and fin in their places. */
export function aircraftView(body: Body, view: ElevationView): ElevationShape[] {
  const [left, right] = [body.strip('left'), body.strip('right')];
  if (!left || !right) return [];
  const fuselage = fuselageOf(left);
  const { lengthM, deep, wide, topOf, share } = fuselage;
  if (view === 'front' || view === 'rear') return endView(body, view, { left, right }, fuselage);
  const { span = 9, height = 2 } = body.dimensions;
  const find = (key: string) => body.parts.find((part) => part.key === key);
  if (view === 'top') {
    const middle = span / 2;
    const half =
      (sign: 1 | -1): Projection =>
      ([u, v]) => [
        u,
        middle + sign * (wide(u) / 2) * Math.sin(Math.PI * Math.min(1, Math.max(0.5, share(u, v)))),
      ];
    return [
      ...wingsFromAbove(body, { lengthM, middle, find }),
      ...stripSeen(left, body.pieces, half(-1)),
      ...stripSeen(right, body.pieces, half(1)),
    ];
  }
  const strip = view === 'left' ? left : right;
  const x = along(view, lengthM);
  const project: Projection = ([u, v]) => {
    const round = (1 - Math.cos(Math.PI * Math.min(1, Math.max(0, share(u, v))))) / 2;
    return [x(u), topOf(u) - deep(u) * (1 - round)];
  };
  const canopy: Point[] = [0.28, 0.32, 0.38, 0.46, 0.5].map((at, i) => [
    x(at * lengthM),
    topOf(at * lengthM) + [0, 0.28, 0.36, 0.24, 0][i]! * height * 0.5,
  ]);
  return [
    plainShape('wheel', circle(x(0.3 * lengthM), 0.19, 0.19)),
    plainShape('wheel', circle(x(0.93 * lengthM), topOf(lengthM) - deep(lengthM) - 0.05, 0.1)),
    plainShape('glass', canopy),
    ...finFromSide(body, x, { lengthM, tailM: topOf(lengthM) }),
    ...stripSeen(strip, body.pieces, project),
    ...wingFromSide(find('W1LU'), body, x, topOf(0.35 * lengthM) - deep(0.35 * lengthM)),
  ];
}

/** A fuselage by its distance from the front: round an ellipse a little higher than wide, m. */
interface Fuselage {
  lengthM: number;
  deep(u: number): number;
  wide(u: number): number;
  topOf(u: number): number;
  /** Of a point of a side: from the keel, 0, to the spine, 1. */
  share(u: number, v: number): number;
}

const gearM = 0.55;

function fuselageOf(left: Strip): Fuselage {
  const { lengthM } = left;
  const girthAt = halfGirthOf(left);
  const deep = (u: number) => (2.1 * girthAt(u)) / Math.PI;
  return {
    lengthM,
    deep,
    wide: (u) => (1.9 * girthAt(u)) / Math.PI,
    topOf: (u) => gearM + deep(lengthM * 0.3) * (1 - 0.1 * (u / lengthM)),
    share: (u, v) => 1 - (left.heightM - v) / girthAt(u),
  };
}

/** From in front or behind: bays as rings round each other, the nearest last; wings and tail edge on. */
function endView(
  body: Body,
  view: 'front' | 'rear',
  sides: { left: Strip; right: Strip },
  fuselage: Fuselage,
): ElevationShape[] {
  const { lengthM, deep, wide, topOf, share } = fuselage;
  const { span = 9, height = 2 } = body.dimensions;
  const middle = span / 2;
  // Who stands before the nose has the left side at his right hand.
  const signOf = (side: 'left' | 'right') => ((side === 'left') === (view === 'front') ? 1 : -1);
  const bays = (['left', 'right'] as const).flatMap((side) => {
    const project: Projection = ([u, v]) => {
      const angle = Math.PI * Math.min(1, Math.max(0, share(u, v)));
      return [
        middle + signOf(side) * (wide(u) / 2) * Math.sin(angle),
        topOf(u) - (deep(u) * (1 + Math.cos(angle))) / 2,
      ];
    };
    const strip = sides[side];
    return strip.panels.map((panel) => ({
      side,
      fromFrontM: boundsOf(panel.figure.outline).left,
      shapes: stripSeen(
        { ...strip, panels: [panel] },
        body.pieces.filter((piece) => piece.panel === panel.part.key),
        project,
      ),
    }));
  });
  bays.sort((a, b) => (view === 'front' ? b.fromFrontM - a.fromFrontM : a.fromFrontM - b.fromFrontM));
  const flat = (key: string, from: number, to: number, bottom: number, top: number) => {
    const part = body.parts.find((one) => one.key === key);
    const [left, right] = [Math.min(from, to), Math.max(from, to)];
    return part ? pieceSeen(part, body.pieces, { left, right, bottom, top }) : [];
  };
  const wingM = wingHeightM(body, topOf(0.35 * lengthM) - deep(0.35 * lengthM));
  const third = (span / 2 - wingRootM) / 3;
  const wings = (['left', 'right'] as const).flatMap((side) =>
    [0, 1, 2].flatMap((i) => {
      const [a, b] = [wingRootM + i * third, wingRootM + (i + 1) * third];
      const key = `W${i + 1}${side === 'left' ? 'L' : 'R'}U`;
      return flat(key, middle + signOf(side) * a, middle + signOf(side) * b, wingM, wingM + 0.14);
    }),
  );
  const tailM = topOf(lengthM);
  const half = 0.15 * span;
  const tail = [
    ...flat('TPU', middle - half, middle + half, tailM - 0.1, tailM - 0.02),
    ...flat('FNU', middle - 0.04, middle + 0.04, tailM - 0.1, tailM + height * 0.4),
  ];
  const legs = [-0.75, 0.75].map((x) => plainShape('wheel', wheelOnEnd(middle + x)));
  const nose = plainShape('wheel', circle(middle, topOf(0) - deep(0) / 2, 0.16));
  const skin = [...bays.flatMap((bay) => bay.shapes), ...caps(bays, view, fuselage, { middle, signOf })];
  return view === 'front'
    ? [...tail, ...legs, ...skin, ...wings, nose]
    : [...legs, ...wings, ...skin, ...tail];
}

/** The near end is closed, as cowl or tail cone. */
function caps(
  bays: readonly { side: 'left' | 'right'; shapes: readonly ElevationShape[] }[],
  view: 'front' | 'rear',
  { lengthM, deep, wide, topOf }: Fuselage,
  { middle, signOf }: { middle: number; signOf(side: 'left' | 'right'): 1 | -1 },
): ElevationShape[] {
  const endM = view === 'front' ? 0 : lengthM;
  return (['left', 'right'] as const).flatMap((side) => {
    const near = bays.findLast((bay) => bay.side === side)?.shapes.find((shape) => shape.kind === 'panel');
    const half = Array.from({ length: 19 }, (_, i): Point => {
      const angle = (Math.PI * i) / 18;
      return [
        middle + signOf(side) * (wide(endM) / 2) * Math.sin(angle),
        topOf(endM) - (deep(endM) * (1 + Math.cos(angle))) / 2,
      ];
    });
    return near ? [{ ...near, rings: [half] }] : [];
  });
}

/** A wheel edge on. */
const wheelOnEnd = (x: number): Point[] => [
  [x - 0.07, 0],
  [x + 0.07, 0],
  [x + 0.07, 0.38],
  [x - 0.07, 0.38],
];

/** Wings begin at the side of the fuselage, m from its middle. */
const wingRootM = 0.4;

/** The underside of the wings: low on a low-wing body, on top of a high-wing one. */
const wingHeightM = ({ kind }: Body, bellyM: number): number =>
  kind.key === 'high-wing' ? bellyM + 1.25 : bellyM + 0.08;

/** Fin and rudder stand on the end of the fuselage. */
function finFromSide(
  { parts, pieces, dimensions: { height = 2 } }: Body,
  x: (fromFrontM: number) => number,
  { lengthM, tailM }: { lengthM: number; tailM: number },
): ElevationShape[] {
  const top = tailM + height * 0.4;
  const places = [
    { key: 'FNU', left: x(lengthM - 1.1), right: x(lengthM - 0.35), bottom: tailM - 0.1, top },
    { key: 'RDU', left: x(lengthM - 0.35), right: x(lengthM + 0.1), bottom: tailM - 0.15, top },
  ];
  return places.flatMap(({ key, ...place }) => {
    const part = parts.find((one) => one.key === key);
    return part ? pieceSeen(part, pieces, place) : [];
  });
}

/** The root of a wing as its end is seen: low on a low-wing body, on top of a high-wing one. */
function wingFromSide(
  wing: Part | undefined,
  body: Body,
  x: (fromFrontM: number) => number,
  bellyM: number,
): ElevationShape[] {
  if (!wing) return [];
  const { span = 9, length = 7 } = body.dimensions;
  const chord = 0.165 * span;
  const at = wingHeightM(body, bellyM);
  const place = { left: x(0.27 * length), right: x(0.27 * length + chord), bottom: at, top: at + 0.14 };
  return pieceSeen(wing, body.pieces, place);
}

/** Halves of the girth by their distance from the front, between the stations of the panels. */
function halfGirthOf(strip: Strip): (u: number) => number {
  const at = new Map<number, number>();
  for (const { figure } of strip.panels)
    for (const [u, v] of figure.outline)
      at.set(
        Math.round(u * 1000) / 1000,
        Math.max(at.get(Math.round(u * 1000) / 1000) ?? 0, strip.heightM - v),
      );
  const stations = [...at].sort((a, b) => a[0] - b[0]);
  return (u) => {
    const next = stations.findIndex(([station]) => station >= u);
    if (next <= 0) return stations[next === 0 ? 0 : stations.length - 1]![1];
    const [[a, ga], [b, gb]] = [stations[next - 1]!, stations[next]!];
    return ga + ((gb - ga) * (u - a)) / (b - a);
  };
}

function wingsFromAbove(
  { pieces, dimensions: { span = 9 } }: Body,
  { lengthM, middle, find }: { lengthM: number; middle: number; find(key: string): Part | undefined },
): ElevationShape[] {
  const chord = 0.165 * span;
  const root = wingRootM;
  const third = (span / 2 - root) / 3;
  const front = 0.27 * lengthM;
  const wings = (['L', 'R'] as const).flatMap((letter) => {
    const sign = letter === 'L' ? -1 : 1;
    const put = (key: string, from: number, to: number, inner: number, outer: number) => {
      const part = find(key);
      if (!part) return [];
      const [a, b] = [middle + sign * inner, middle + sign * outer];
      return pieceSeen(part, pieces, { left: from, right: to, bottom: Math.min(a, b), top: Math.max(a, b) });
    };
    return [
      ...[0, 1, 2].flatMap((i) =>
        put(`W${i + 1}${letter}U`, front, front + chord * 0.78, root + i * third, root + (i + 1) * third),
      ),
      ...put(`P${letter}U`, front + chord * 0.8, front + chord, root + 0.1, root + 1.4 * third),
      ...put(`A${letter}U`, front + chord * 0.8, front + chord, root + 1.5 * third, root + 2.9 * third),
    ];
  });
  const tail = find('TPU');
  const elevator = find('ELU');
  const half = 0.15 * span;
  return [
    ...wings,
    ...(tail
      ? pieceSeen(tail, pieces, {
          left: lengthM - 0.95,
          right: lengthM - 0.35,
          bottom: middle - half,
          top: middle + half,
        })
      : []),
    ...(elevator
      ? pieceSeen(elevator, pieces, {
          left: lengthM - 0.33,
          right: lengthM + 0.05,
          bottom: middle - half,
          top: middle + half,
        })
      : []),
  ];
}
