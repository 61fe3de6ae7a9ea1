import type { Ring } from '../geometry';
import type { Plan } from '../plan';
import { colourOfKey, leafColours, type Job } from '../record';
import { elevationsOf } from './elevations';
import type { ElevationShape, ElevationView } from './model';

/** A shape as a path in centimetres of the object, with the area whose look it has. */
export interface DrawnElevationShape {
  kind: ElevationShape['kind'];
  /** The work area of a panel or a field; null for what is not painted. */
  area: string | null;
  hex: string;
  d: string;
}

export interface DrawnElevation {
  view: ElevationView;
  widthCm: number;
  heightCm: number;
  shapes: DrawnElevationShape[];
}

/** As much of a plan as colours need. */
interface WorkedAreas {
  parts: Plan['parts'];
  sections: readonly Pick<Plan['sections'][number], 'section' | 'colour'>[];
}

const plainHex: Record<'wheel' | 'glass' | 'ground', string> = {
  wheel: '#3a3a3a',
  glass: '#c9d0d4',
  ground: '#1d1d1d',
};

const cm = (m: number): string => (Math.round(m * 1000) / 10).toString();
const pathOf = (rings: readonly Ring[]): string =>
  rings.map((ring) => `M${ring.map(([x, y]) => `${cm(x)} ${cm(y)}`).join('L')}Z`).join('');

/** Of a wheel what is no tyre, as a share of its radius. */
const rimShare = 0.62;
function rimOf(ring: Ring): Ring {
  const middle = (axis: 0 | 1) => ring.reduce((sum, point) => sum + point[axis], 0) / ring.length;
  const [x, y] = [middle(0), middle(1)];
  return ring.map(([px, py]) => [x + (px - x) * rimShare, y + (py - y) * rimShare]);
}

/** The elevations of a job as its plan works its panels, ready to be drawn with the look of any day. */
export function drawnElevations(job: Job, { parts, sections }: WorkedAreas): DrawnElevation[] {
  const own = new Map(
    parts.flatMap((part) => (part.field?.colour ? [] : [[part.key, part.section] as const])),
  );
  const fields = new Map(
    parts.flatMap((part) =>
      part.field?.colour ? [[`${part.key} ${part.field.colour}`, part.section] as const] : [],
    ),
  );
  const hexOf = new Map(sections.map((one) => [one.section, colourOfKey(job, one.colour).hex]));
  const wheels = job.looseItems.find((one) => one.kind === 'wheels' && one.colour !== null);
  const wheelHex = wheels ? colourOfKey(job, wheels.colour!).hex : null;
  const leaf = leafColours(job);
  return elevationsOf(job).map(({ view, widthM, heightM, shapes }) => ({
    view,
    widthCm: Math.round(widthM * 100),
    heightCm: Math.round(heightM * 100),
    shapes: shapes.flatMap(({ kind, panel, colour, rings }): DrawnElevationShape[] => {
      const d = pathOf(rings);
      if (kind === 'wheel' && wheelHex !== null)
        return [
          { kind, area: null, hex: plainHex[kind], d },
          { kind, area: null, hex: wheelHex, d: pathOf(rings.map(rimOf)) },
        ];
      if (kind === 'wheel' || kind === 'glass' || kind === 'ground')
        return [{ kind, area: null, hex: plainHex[kind], d }];
      // A field in its panel's own colour is no field.
      const area = kind === 'panel' ? own.get(panel) : fields.get(`${panel} ${colour ?? ''}`);
      // Leaf is no work area of its own: it lies on the finished film.
      if (area === undefined && colour !== null && leaf.has(colour))
        return [{ kind, area: null, hex: colourOfKey(job, colour).hex, d }];
      return area === undefined ? [] : [{ kind, area, hex: hexOf.get(area) ?? '#8a8a8a', d }];
    }),
  }));
}
