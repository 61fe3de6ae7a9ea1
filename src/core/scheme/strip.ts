import { boundsOf, type Figure, type Point, type Ring } from '../geometry';
import type { BodyKind, Part } from '../vehicle';

type Route = BodyKind['route'];

/** A panel in the measures of its strip: u from the front end, v upwards, m. */
export interface StripPanel {
  part: Part;
  figure: Figure;
}

/** Panels that a tape can be laid over from end to end: one side, the top, an end, a loose piece. */
export interface Strip {
  key: string;
  panels: readonly StripPanel[];
  lengthM: number;
  heightM: number;
  toLayout(point: Point): Point;
  /** The measures of the strip at a point of the layout. */
  fromLayout(point: Point): Point;
}

/** Which way measures run on the layout. */
interface Frame {
  toStrip(point: Point): Point;
  toLayout(point: Point): Point;
}

/** Sides whose upper edge lies towards larger y: those of sheet bodies and the halves of a fuselage are laid from the sill inwards. */
function isUpright(key: string, route: Route): boolean {
  if (key === 'left') return route !== 'hull';
  return key === 'right' ? route === 'hull' : key === 'top';
}

function frameOf(key: string, route: Route, panels: readonly Part[]): Frame {
  const { left, right, top, bottom } = boundsOf(panels.flatMap((part) => part.outline));
  // The front lies at the right of the layout; ends are folded out from the top downwards.
  if (key === 'front')
    return { toStrip: ([x, y]) => [y - top, right - x], toLayout: ([u, v]) => [right - v, top + u] };
  if (key === 'rear')
    return { toStrip: ([x, y]) => [y - top, x - left], toLayout: ([u, v]) => [left + v, top + u] };
  return isUpright(key, route)
    ? { toStrip: ([x, y]) => [right - x, y - top], toLayout: ([u, v]) => [right - u, top + v] }
    : { toStrip: ([x, y]) => [right - x, bottom - y], toLayout: ([u, v]) => [right - u, bottom - v] };
}

/** Panels of a strip by its word, or the one panel that a loose strip is named by. */
const panelsOn = (parts: readonly Part[], key: string): Part[] => {
  const own = parts.filter((part) => part.side === key);
  return own.length > 0 ? own : parts.filter((part) => part.key === key);
};

/**
 * A strip of a layout with its panels in its own measures.
 * @param key `left`, `right`, `top`, `bottom`, `front`, `rear`, or the key of a panel   @returns null where it has no panel
 */
export function stripOf(parts: readonly Part[], route: Route, key: string): Strip | null {
  const own = panelsOn(parts, key);
  if (own.length === 0) return null;
  const { toStrip, toLayout } = frameOf(key, route, own);
  const moved = (ring: Ring) => ring.map(toStrip);
  const panels = own.map((part) => ({
    part,
    figure: { outline: moved(part.outline), holes: part.holes.map(moved) },
  }));
  const { right, bottom } = boundsOf(panels.flatMap(({ figure }) => figure.outline));
  return { key, panels, lengthM: right, heightM: bottom, toLayout, fromLayout: toStrip };
}

/** The strips that a construction lies on: both sides where it is mirrored. */
export const stripKeys = (on: string): string[] => (on === 'both' ? ['left', 'right'] : [on]);
