import { circle, type Point } from '../geometry';
import { outsideView, type FieldPiece, type Strip } from '../scheme';
import type { BodyKind, Dimensions, Part } from '../vehicle';
import type { ElevationShape, ElevationView } from './model';
import { pieceSeen, plainShape, stripSeen, type Projection } from './projected';

/** What a view of a body is drawn from. */
export interface Body {
  kind: BodyKind;
  dimensions: Dimensions;
  parts: readonly Part[];
  pieces: readonly FieldPiece[];
  strip(view: ElevationView): Strip | null;
}

/** Panels stand off the ground by so much at least, m. */
const leastClearM = 0.15;

/** From the front end along a picture: towards the rear, whichever way that lies. */
const along = (view: ElevationView, lengthM: number) => (fromFrontM: number) =>
  view === 'left' || view === 'top' ? fromFrontM : lengthM - fromFrontM;

/** A body of sheet panels: its strips are its sides as they are seen, set on wheels. */
export function sheetView(body: Body, view: ElevationView): ElevationShape[] {
  const strip = body.strip(view);
  if (!strip) return [];
  const side = body.strip('left') ?? strip;
  const clearM = view === 'top' ? 0 : Math.max(leastClearM, (body.dimensions.height ?? 0) - side.heightM);
  const { toView } = outsideView(strip);
  const up: Projection = (point) => {
    const [x, down] = toView(point);
    return [x, strip.heightM - down + clearM];
  };
  const shapes = stripSeen(strip, body.pieces, up);
  if (view !== 'left' && view !== 'right') return shapes;
  const x = along(view, strip.lengthM);
  const wheels = (body.kind.wheels?.(body.dimensions) ?? []).map(({ fromFrontM, radiusM }) =>
    plainShape('wheel', circle(x(fromFrontM), radiusM, radiusM)),
  );
  return [...wheels, ...shapes, ...wingsOver(body, x)];
}

/** Separate front wings lie over the front wheel. */
function wingsOver(
  { parts, pieces, kind, dimensions }: Body,
  x: (fromFrontM: number) => number,
): ElevationShape[] {
  const [front] = kind.wheels?.(dimensions) ?? [];
  const wing = parts.find((part) => part.side === 'loose' && part.section === 'wings');
  if (!front || !wing) return [];
  const { fromFrontM, radiusM } = front;
  const [a, b] = [x(fromFrontM - radiusM * 1.35), x(fromFrontM + radiusM * 1.35)];
  return pieceSeen(wing, pieces, { left: a, right: b, bottom: radiusM * 1.2, top: radiusM * 2.35 });
}

/** A hull: topsides stand nearly upright, the bottom slants to the keel, the stem is raked. */
export function hullView(body: Body, view: ElevationView): ElevationShape[] {
  const strip = body.strip(view);
  if (!strip) return [];
  const { toView } = outsideView(strip);
  if (view === 'top' || view === 'rear')
    return stripSeen(strip, body.pieces, (point) => {
      const [x, down] = toView(point);
      // The transom is folded out on its side: its long edge lies across.
      return [x, strip.heightM - down + (view === 'rear' ? waterlineM(body.dimensions) : 0)];
    });
  const water = Math.min(
    ...strip.panels
      .filter(({ part }) => part.section === 'topsides')
      .flatMap(({ figure }) => figure.outline.map(([, v]) => v)),
  );
  const { beam = 2, depth = 1 } = body.dimensions;
  const steep = (0.48 * depth) / Math.hypot(beam / 2, 0.48 * depth);
  const rakeM = 0.35 * depth;
  const x = along(view, strip.lengthM);
  const project: Projection = ([u, v]) => {
    const z =
      v >= water
        ? waterlineM(body.dimensions) + v - water
        : waterlineM(body.dimensions) - (water - v) * steep;
    const bow = Math.max(0, 1 - u / (strip.lengthM / 4));
    const raked = rakeM * bow * (1 - Math.min(1, z / depth));
    return [x(u + raked), z];
  };
  return stripSeen(strip, body.pieces, project);
}

const waterlineM = ({ depth = 1 }: Dimensions): number => 0.48 * depth;

/** A fuselage of half girths on wheels, with wings, tail and fin in their places. */
export function aircraftView(body: Body, view: ElevationView): ElevationShape[] {
  const [left, right] = [body.strip('left'), body.strip('right')];
  if (!left || !right || view === 'front' || view === 'rear') return [];
  const lengthM = left.lengthM;
  const girthAt = halfGirthOf(left);
  /** A girth round an ellipse a little higher than wide. */
  const deep = (u: number) => (2.1 * girthAt(u)) / Math.PI;
  const wide = (u: number) => (1.9 * girthAt(u)) / Math.PI;
  const gearM = 0.55;
  const topOf = (u: number) => gearM + deep(lengthM * 0.3) * (1 - 0.1 * (u / lengthM));
  const share = (u: number, v: number) => 1 - (left.heightM - v) / girthAt(u);
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
  { pieces, kind, dimensions: { span = 9, length = 7 } }: Body,
  x: (fromFrontM: number) => number,
  bellyM: number,
): ElevationShape[] {
  if (!wing) return [];
  const chord = 0.165 * span;
  const at = kind.key === 'high-wing' ? bellyM + 1.25 : bellyM + 0.08;
  const place = { left: x(0.27 * length), right: x(0.27 * length + chord), bottom: at, top: at + 0.14 };
  return pieceSeen(wing, pieces, place);
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
  const root = 0.4;
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
