import { differenceOf, figureAreaM2, unionOf, type Figure } from './clip';
import { circle, edgesOf, type Point, type Ring } from './polygon';

type Given = { outline: Ring; holes?: readonly Ring[] };

/** Everything within a distance of the edges of a figure: a bar along each edge and a circle round each corner. */
function band(figure: Given, distanceM: number): Given[] {
  return [figure.outline, ...(figure.holes ?? [])].flatMap((ring) =>
    edgesOf(ring).flatMap(([a, b]): Given[] => {
      const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
      const corner = { outline: circle(a[0], a[1], distanceM, distanceM / 200) };
      if (length < 1e-9) return [corner];
      const [nx, ny] = [(-(b[1] - a[1]) / length) * distanceM, ((b[0] - a[0]) / length) * distanceM];
      const bar: Point[] = [
        [a[0] + nx, a[1] + ny],
        [b[0] + nx, b[1] + ny],
        [b[0] - nx, b[1] - ny],
        [a[0] - nx, a[1] - ny],
      ];
      return [corner, { outline: bar }];
    }),
  );
}

/**
 * A figure grown by a distance (round corners) or, for a negative one, shrunk; openings shrink and grow with it.
 * @param distanceM m; 0 gives the figure back   @returns none where nothing is left
 */
export function offsetOf(figure: Given, distanceM: number): Figure[] {
  if (distanceM === 0) return unionOf([figure]);
  const edges = band(figure, Math.abs(distanceM));
  return distanceM > 0 ? unionOf([figure, ...edges]) : differenceOf(figure, edges);
}

/** Area of a panel that lies within a distance of its edges and openings, m²: it gets the least film and loses the most. */
export const edgeBandM2 = (figure: Given, distanceM: number): number =>
  figureAreaM2(figure) - offsetOf(figure, -distanceM).reduce((sum, one) => sum + figureAreaM2(one), 0);
