import { boundsOf, type Ring } from '../geometry';
import type { StripPanel } from '../scheme';
import { acrossOf, frontOf, glassRiseM, rearOf, roofOf, type Cabin } from './cabin';
import type { ElevationShape } from './model';
import { pieceSeen, plainShape, stripSeen, type Projection } from './projected';

/** An end is drawn no more than so much higher than it is laid out. */
const mostStretch = 1.4;
/** Of the body's width: how wide a tyre is. */
const tyreShare = 0.12;

/** A body with a cabin as it is seen from in front or behind. */
export function endOfCabin(cabin: Cabin, view: 'front' | 'rear'): ElevationShape[] {
  const { body, tops, top, bodyM, heightAt, along } = cabin;
  const middle = wholeWidth(cabin) / 2;
  const roof = roofOf(cabin);
  const ordered = view === 'front' ? tops : [...tops].reverse();
  const shown = ordered.slice(0, ordered.indexOf(roof) + 1);
  // Who stands in front has the left side to their right.
  const sign = view === 'front' ? 1 : -1;
  const x = (v: number) => middle + sign * (top.heightM / 2 - v);
  const project: Projection = ([u, v]) => [x(v), heightAt(along(u))];
  const beyond = (panel: StripPanel) => (view === 'front' ? rearOf(panel) : frontOf(panel));
  const before = (panel: StripPanel) => (view === 'front' ? frontOf(panel) : rearOf(panel));
  const low = shown.at(-2);
  const waist = low ? heightAt(along(beyond(low))) : heightAt(along(before(roof)));
  const roofM = heightAt(along(before(roof)));
  const glass = shown.flatMap((panel, i): ElevationShape[] => {
    const last = shown[i - 1];
    if (!last) return [];
    const [from, to] = [heightAt(along(beyond(last))), heightAt(along(before(panel)))];
    if (to - from < glassRiseM) return [];
    const [a0, a1] = acrossOf(last);
    const [b0, b1] = acrossOf(panel);
    return [
      plainShape('glass', [
        [x(a0), from],
        [x(a1), from],
        [x(b1), to],
        [x(b0), to],
      ]),
    ];
  });
  const sill = heightAt(along(before(shown[0]!)));
  const [r0, r1] = acrossOf(roof);
  const half = { roof: (r1 - r0) / 2, body: bodyM / 2 };
  return [
    ...tyres(cabin, view, middle),
    ...flanks(cabin, view, { middle, half, sill, waist, roofM: Math.max(roofM, waist) }),
    ...glass,
    ...stripSeen({ ...top, panels: [...shown].reverse() }, body.pieces, project),
    ...ends(cabin, view, { middle, sill, waist, roofM }),
    ...wingsAtEnd(cabin, view, middle),
  ];
}

/** With wings and boards that stand off the body. */
const wholeWidth = ({ body, bodyM }: Cabin): number => Math.max(bodyM, body.dimensions.width ?? 0);

const wheelAt = ({ body }: Cabin, view: 'front' | 'rear') => {
  const [front, rear] = body.kind.wheels?.(body.dimensions) ?? [];
  return view === 'front' ? front : (rear ?? front);
};

/** Tyres stand under the body, or under the wings beside it. */
function tyres(cabin: Cabin, view: 'front' | 'rear', middle: number): ElevationShape[] {
  const { bodyM } = cabin;
  const wheel = wheelAt(cabin, view);
  if (!wheel) return [];
  const tyreM = bodyM * tyreShare;
  const outerM = wholeWidth(cabin) > bodyM + 2 * tyreM ? bodyM / 2 + 2 * tyreM : bodyM / 2;
  return [-1, 1].map((side) => {
    const [outer, inner] = [middle + side * outerM, middle + side * (outerM - tyreM)];
    const topM = 2 * wheel.radiusM;
    return plainShape('wheel', [
      [outer, 0],
      [inner, 0],
      [inner, topM],
      [outer, topM],
    ]);
  });
}

interface Heights {
  middle: number;
  /** Where the panel of the top next to the end begins. */
  sill: number;
  waist: number;
  roofM: number;
}

/** The sides of the body behind its end: the nearest panel up to the waist, the pillars beside the glass. */
function flanks(
  { sides, clearM }: Cabin,
  view: 'front' | 'rear',
  { middle, half, waist, roofM }: Heights & { half: { roof: number; body: number } },
): ElevationShape[] {
  return sides.flatMap((strip, nth): ElevationShape[] => {
    const side = (nth === 0) === (view === 'front') ? 1 : -1;
    const nearest = [...strip.panels].sort((a, b) =>
      view === 'front' ? frontOf(a) - frontOf(b) : rearOf(b) - rearOf(a),
    );
    const isHigh = ({ figure }: StripPanel) => boundsOf(figure.outline).bottom + clearM > waist + 0.05;
    const pillar = nearest.find(isHigh);
    const lower: Ring = [
      [middle, clearM],
      [middle + side * half.body, clearM],
      [middle + side * half.body, waist - 0.06],
      [middle + side * half.body * 0.9, waist],
      [middle, waist],
    ];
    const upper: Ring = [
      [middle, waist],
      [middle + side * half.body * 0.9, waist],
      [middle + side * half.roof, roofM],
      [middle, roofM],
    ];
    const panel = (one: StripPanel | undefined, ring: Ring): ElevationShape[] =>
      one ? [{ kind: 'panel', panel: one.part.key, colour: null, rings: [ring] }] : [];
    return [...panel(nearest[0], lower), ...(roofM - waist > glassRiseM ? panel(pillar, upper) : [])];
  });
}

/** The end itself; a wall with a window stands behind, between waist and roof. */
function ends(
  { body, clearM }: Cabin,
  view: 'front' | 'rear',
  { middle, sill, waist, roofM }: Heights,
): ElevationShape[] {
  const strip = body.strip(view);
  if (!strip) return [];
  const isWall = ({ figure }: StripPanel) => figure.holes.length > 0 && roofM - waist > glassRiseM;
  const walls = strip.panels.filter(isWall);
  const panels = strip.panels.filter((one) => !isWall(one));
  const lowest = (own: readonly StripPanel[]) => Math.min(...own.map((one) => acrossOf(one)[0]));
  const x = (u: number) => middle + (view === 'front' ? -1 : 1) * (u - strip.lengthM / 2);
  const from = walls.length > 0 ? lowest(panels) : 0;
  // The end is laid out flat: it reaches up to where the top begins.
  const endM = Math.max(...panels.map((one) => acrossOf(one)[1])) - from;
  const stretch = Math.min(mostStretch, Math.max(1, (sill - clearM) / endM));
  const tallM = Math.max(...walls.map((one) => acrossOf(one)[1])) - lowest(walls);
  const wallSeen: Projection = ([u, v]) => [x(u), waist + ((v - lowest(walls)) / tallM) * (roofM - waist)];
  return [
    ...(walls.length > 0 ? stripSeen({ ...strip, panels: walls }, body.pieces, wallSeen) : []),
    ...stripSeen({ ...strip, panels }, body.pieces, ([u, v]) => [x(u), (v - from) * stretch + clearM]),
  ];
}

/** Wings that stand off the body, over their wheels. */
function wingsAtEnd(cabin: Cabin, view: 'front' | 'rear', middle: number): ElevationShape[] {
  const { body, bodyM } = cabin;
  const wheel = wheelAt(cabin, view);
  const own = body.parts.filter(
    (part) =>
      part.side === 'loose' &&
      part.section === 'wings' &&
      part.name.includes(`${view} wing`) &&
      part.outsideM2 > 0,
  );
  if (!wheel) return [];
  return own.flatMap((part) => {
    const isLeft = part.name.includes('left');
    const side = isLeft === (view === 'front') ? 1 : -1;
    const [a, b] = [middle + (side * bodyM) / 2, middle * (1 + side)];
    const { radiusM } = wheel;
    return pieceSeen(part, body.pieces, {
      left: Math.min(a, b),
      right: Math.max(a, b),
      bottom: radiusM * 1.2,
      top: radiusM * 2.35,
    });
  });
}
