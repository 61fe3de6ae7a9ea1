import { centroidOf, type Point, type Ring } from '../geometry';
import { outsideView, type SchemeLayout, type Strip } from '../scheme';

/** A panel or a field of a mask map: its rings in mm from the left and the top of the strip, as seen from outside. */
export interface DrawnShape {
  id: string;
  rings: Ring[];
}

/** A strip of a scheme at the size of the object, in mm. */
export interface MaskDrawing {
  widthMm: number;
  heightMm: number;
  frontAt: 'left' | 'right';
  panels: (DrawnShape & { label: Point })[];
  /** By panel and field: `PANEL.FIELD`. */
  fields: (DrawnShape & { panel: string; construction: string; colour: string })[];
}

/** Everything of a strip that a mask map shows. */
export function maskDrawing(layout: SchemeLayout, strip: Strip): MaskDrawing {
  const { frontAt, toView } = outsideView(strip);
  const inMm = (point: Point): Point => {
    const [x, y] = toView(point);
    return [x * 1000, y * 1000];
  };
  const own = new Set(strip.panels.map(({ part }) => part.key));
  return {
    widthMm: strip.lengthM * 1000,
    heightMm: strip.heightM * 1000,
    frontAt,
    panels: strip.panels.map(({ part, figure }) => ({
      id: part.key,
      rings: [figure.outline, ...figure.holes].map((ring) => ring.map(inMm)),
      label: inMm(centroidOf(figure.outline)),
    })),
    fields: layout.pieces
      .filter((piece) => own.has(piece.panel))
      .map(({ panel, field, construction, colour, figures }) => ({
        id: `${panel}.${field}`,
        panel,
        construction,
        colour,
        rings: figures.flatMap(({ outline, holes }) =>
          [outline, ...holes].map((ring) => ring.map((point) => inMm(strip.fromLayout(point)))),
        ),
      })),
  };
}

/** Distance of a mark along the strip from the front end, as an x of the drawing, mm. */
export const atStation = ({ widthMm, frontAt }: MaskDrawing, stationMm: number): number =>
  frontAt === 'left' ? stationMm : widthMm - stationMm;
