import {
  boundsOf,
  differenceOf,
  figureAreaM2,
  intersectionOf,
  type Bounds,
  type Figure,
  type Ring,
} from '../geometry';
import type { Region } from './region';
import type { StripPanel } from './strip';

/** Part of a panel that is one field, in measures of its strip. */
export interface Cut {
  region: Region;
  figures: readonly Figure[];
  /** On the layout, without the curve of the panel, m². */
  flatM2: number;
}

const meets = (a: Bounds, b: Bounds): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Smaller pieces than this are no field of a panel: a line that runs along its edge, m². */
const leastM2 = 1e-5;

const sumOf = (figures: readonly Figure[]): number =>
  figures.reduce((sum, figure) => sum + figureAreaM2(figure), 0);

/**
 * The fields of a panel: what each region covers of it and no region above it does.
 * @param regions the lowest first   @returns cuts with an area, and what is left of the panel for its own colour
 */
export function cutPanel(
  { figure }: StripPanel,
  regions: readonly Region[],
): { cuts: Cut[]; rest: readonly Figure[] } {
  const bounds = boundsOf(figure.outline);
  let rest: Figure[] = [figure];
  const cuts: Cut[] = [];
  for (const region of [...regions].reverse()) {
    const near = region.rings.filter((ring) => meets(boundsOf(ring), bounds));
    if (near.length === 0) continue;
    const figures = rest.flatMap((one) =>
      near.flatMap((ring) => intersectionOf(one, { outline: [...ring] })),
    );
    const flatM2 = sumOf(figures);
    if (flatM2 < leastM2) continue;
    rest = rest.flatMap((one) => differenceOf(one, near.map(outlined)));
    cuts.push({ region, figures, flatM2 });
  }
  return { cuts: cuts.reverse(), rest };
}

const outlined = (ring: Ring) => ({ outline: ring });
