import { circle } from '../geometry';
import { outsideView } from '../scheme';
import type { Dimensions } from '../vehicle';
import type { Body } from './body';
import type { ElevationShape, ElevationView } from './model';
import { cabinOf } from './cabin';
import { endOfCabin } from './sheet-ends';
import { planOfCabin } from './sheet-plan';
import { pieceSeen, plainShape, stripSeen, type Projection } from './projected';

/** Panels stand off the ground by so much at least, m. */
const leastClearM = 0.15;

/** From the front end along a picture: towards the rear, whichever way that lies. */
export const along = (view: ElevationView, lengthM: number) => (fromFrontM: number) =>
  view === 'left' || view === 'top' ? fromFrontM : lengthM - fromFrontM;

const clearOver = ({ dimensions, strip }: Body): number =>
  Math.max(leastClearM, (dimensions.height ?? 0) - (strip('left')?.heightM ?? 0));

/** A body of sheet panels: its strips are its sides as they are seen, set on wheels. */
export function sheetView(body: Body, view: ElevationView): ElevationShape[] {
  const strip = body.strip(view);
  if (!strip) return [];
  const clearM = view === 'top' ? 0 : clearOver(body);
  if (view !== 'left' && view !== 'right') {
    const cabin = cabinOf(body, clearOver(body));
    if (cabin) return view === 'top' ? planOfCabin(cabin) : endOfCabin(cabin, view);
  }
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
