import { boundsOf } from '../geometry';
import { textureColours, type Job } from '../record';
import { stripOf } from '../scheme';
import { netOfJob, schemeLayout } from '../survey';
import { bodyKindOf, completeDimensions } from '../vehicle';
import { aircraftView } from './aircraft-views';
import type { Body } from './body';
import { hullView, sheetView } from './body-views';
import { elevationViews, type Elevation, type ElevationShape } from './model';

const viewOf = { panel: sheetView, hull: hullView, aircraft: aircraftView } as const;
/** White round a picture, and ground to either side of the object, m. */
const roundM = 0.25;

/**
 * The object from its sides, in front, behind and above, with the fields of its scheme: to scale, as its body kind stands
 * on the ground. What a body has no panels for, and a list of loose pieces, has no view.
 */
export function elevationsOf(job: Job): Elevation[] {
  const kind = bodyKindOf(job.bodyKind);
  if (!kind) return [];
  const parts = netOfJob(job);
  const { pieces } = schemeLayout(asSeen(job));
  const body: Body = {
    kind,
    dimensions: completeDimensions(kind, job.dimensions),
    parts,
    pieces,
    strip: (view) => stripOf(parts, kind.route, view),
  };
  return elevationViews.flatMap((view): Elevation[] => {
    const shapes = viewOf[kind.route](body, view);
    if (shapes.length === 0) return [];
    const onGround = view !== 'top' && kind.route !== 'hull';
    const { left, right, top, bottom } = boundsOf(shapes.flatMap((shape) => shape.rings.flat()));
    const low = onGround ? Math.min(0, top) : top;
    const [widthM, heightM] = [right - left + 2 * roundM, bottom - low + 2 * roundM];
    // Up is up: heights are measured from the ground, pictures from their top.
    const placed = shapes.map((shape): ElevationShape => ({
      ...shape,
      rings: shape.rings.map((ring) =>
        ring.map(([x, z]) => [x - left + roundM, heightM - (z - low) - roundM] as const),
      ),
    }));
    return [{ view, widthM, heightM, shapes: onGround ? [groundOf(widthM, heightM), ...placed] : placed }];
  });
}

/** Texture under the colour is not seen as a colour; a liner over it is. */
function asSeen(job: Job): Job {
  const texture = textureColours(job);
  const isOver = job.sections.some((one) => one.schools.texture === 'after-colour');
  if (isOver || !job.constructions.some((one) => texture.has(one.colour))) return job;
  return { ...job, constructions: job.constructions.filter((one) => !texture.has(one.colour)) };
}

const groundOf = (widthM: number, heightM: number): ElevationShape => ({
  kind: 'ground',
  panel: '',
  colour: null,
  rings: [
    [
      [0, heightM - roundM],
      [widthM, heightM - roundM],
      [widthM, heightM - roundM + 0.02],
      [0, heightM - roundM + 0.02],
    ],
  ],
});
