import { boundsOf, edgesOf, type Point, type Ring } from '../geometry';
import type { FieldPiece, Strip } from '../scheme';
import type { Part } from '../vehicle';
import type { ElevationShape } from './model';

/** Where a point of a strip or of a panel is seen: m along the picture, and up from the ground. */
export type Projection = (point: Point) => Point;

/** Straight edges are drawn as bent as the surface: in pieces of this length, m. */
const pieceM = 0.1;

const seen = (ring: Ring, project: Projection): Point[] =>
  edgesOf(ring).flatMap(([from, to]) => {
    const count = Math.max(1, Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1]) / pieceM));
    return Array.from({ length: count }, (_, i) =>
      project([from[0] + ((to[0] - from[0]) * i) / count, from[1] + ((to[1] - from[1]) * i) / count]),
    );
  });

/** The panels of a strip with their fields, as a projection sees them. */
export function stripSeen(
  strip: Strip,
  pieces: readonly FieldPiece[],
  project: Projection,
): ElevationShape[] {
  const panels = strip.panels.map(({ part, figure }): ElevationShape => ({
    kind: 'panel',
    panel: part.key,
    colour: null,
    rings: [figure.outline, ...figure.holes].map((ring) => seen(ring, project)),
  }));
  const glass = strip.panels.flatMap(({ figure }) =>
    figure.holes.map((hole): ElevationShape => ({
      kind: 'glass',
      panel: '',
      colour: null,
      rings: [seen(hole, project)],
    })),
  );
  const own = new Set(strip.panels.map(({ part }) => part.key));
  return [
    ...glass,
    ...panels,
    ...fieldsSeen(
      pieces.filter(({ panel }) => own.has(panel)),
      (point) => project(strip.fromLayout(point)),
    ),
  ];
}

/** A loose piece laid into a place of the picture, fields and all: its layout is stretched over the place. */
export function pieceSeen(
  part: Part,
  pieces: readonly FieldPiece[],
  place: { left: number; right: number; bottom: number; top: number },
): ElevationShape[] {
  const { left, right, top, bottom } = boundsOf(part.outline);
  const project: Projection = ([x, y]) => [
    place.left + ((x - left) / (right - left)) * (place.right - place.left),
    place.top + ((y - top) / (bottom - top)) * (place.bottom - place.top),
  ];
  return [
    { kind: 'panel', panel: part.key, colour: null, rings: [seen(part.outline, project)] },
    ...fieldsSeen(
      pieces.filter(({ panel }) => panel === part.key),
      project,
    ),
  ];
}

const fieldsSeen = (pieces: readonly FieldPiece[], project: Projection): ElevationShape[] =>
  pieces.map(({ panel, colour, figures }) => ({
    kind: 'field',
    panel,
    colour,
    rings: figures.flatMap(({ outline, holes }) => [outline, ...holes].map((ring) => seen(ring, project))),
  }));

/** What is no panel: drawn alike on every body. */
export const plainShape = (kind: ElevationShape['kind'], ring: Ring): ElevationShape => ({
  kind,
  panel: '',
  colour: null,
  rings: [ring],
});
