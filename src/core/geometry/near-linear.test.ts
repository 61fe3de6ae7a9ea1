import fc from 'fast-check';
import {
  offsetOf,
  perimeterM,
  polygonAreaM2,
  selfCrossing,
  simplified,
  figureAreaM2,
  type Point,
} from './index';

/** Every pair of edges held against each other: slow, and plainly right. */
function crossingByPairs(points: readonly Point[]): boolean {
  const edge = (i: number) => [points[i]!, points[(i + 1) % points.length]!] as const;
  const side = (p: Point, q: Point, r: Point) =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  for (let i = 0; i < points.length; i += 1)
    for (let j = i + 2; j < points.length; j += 1) {
      if (i === 0 && j === points.length - 1) continue;
      const [[a, b], [c, d]] = [edge(i), edge(j)];
      if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0) return true;
    }
  return false;
}

const coordinate = fc.double({ min: 0, max: 3, noNaN: true });
const ring = (least: number, most: number) =>
  fc.array(fc.tuple(coordinate, coordinate), { minLength: least, maxLength: most }) as fc.Arbitrary<Point[]>;

test('the sweep finds a crossing exactly where holding every pair against each other does', () => {
  fc.assert(
    fc.property(ring(3, 14), (points) => {
      const found = selfCrossing(points);
      expect(found !== null).toBe(crossingByPairs(points));
      if (found) expect(found[1] - found[0]).toBeGreaterThan(1);
    }),
    { numRuns: 400 },
  );
});

test('a simplified ring leaves no point further out than asked, and adds none', () => {
  const piece = (p: Point, a: Point, b: Point) => {
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const length2 = dx * dx + dy * dy;
    const t =
      length2 === 0 ? 0 : Math.max(0, Math.min(1, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / length2));
    return Math.hypot(p[0] - a[0] - t * dx, p[1] - a[1] - t * dy);
  };
  fc.assert(
    fc.property(ring(5, 30), (points) => {
      const few = simplified(points, 0.1);
      for (const p of few) expect(points).toContain(p);
      for (const p of points) {
        const nearest = Math.min(...few.map((a, i) => piece(p, a, few[(i + 1) % few.length]!)));
        expect(nearest).toBeLessThanOrEqual(0.1 + 1e-9);
      }
    }),
    { numRuns: 100 },
  );
});

test('no triangle vanishes: shrunk it is A·(1 − d/r)², grown A + P·d + π·d² (Steiner)', () => {
  const distance = fc.double({ min: 0.01, max: 0.1, noNaN: true });
  fc.assert(
    fc.property(ring(3, 3), distance, (triangle, d) => {
      const area = polygonAreaM2(triangle);
      fc.pre(area > 0.05);
      const inradius = (2 * area) / perimeterM(triangle);
      const sum = (by: number) =>
        offsetOf({ outline: triangle }, by).reduce((total, one) => total + figureAreaM2(one), 0);
      expect(sum(-d)).toBeCloseTo(d >= inradius ? 0 : area * (1 - d / inradius) ** 2, 2);
      expect(sum(d)).toBeCloseTo(area + perimeterM(triangle) * d + Math.PI * d * d, 2);
    }),
    { numRuns: 300 },
  );
});
