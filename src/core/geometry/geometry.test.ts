import fc from 'fast-check';
import {
  boundsOf,
  centroidOf,
  circle,
  cutByLine,
  differenceOf,
  edgeBandM2,
  figureAreaM2,
  intersectionOf,
  mirrored,
  offsetOf,
  perimeterM,
  polygonAreaM2,
  rectangle,
  selfCrossing,
  unionOf,
  type Point,
} from './index';

const sum = (list: { outline: readonly Point[]; holes?: readonly (readonly Point[])[] }[]) =>
  list.reduce((total, one) => total + figureAreaM2(one), 0);

describe('areas and lengths, by hand', () => {
  test('the shoelace formula: a 3-4-5 triangle has 6 m² and 12 m round it', () => {
    const triangle: Point[] = [
      [0, 0],
      [4, 0],
      [0, 3],
    ];
    expect(polygonAreaM2(triangle)).toBeCloseTo(6, 12);
    expect(perimeterM(triangle)).toBeCloseTo(12, 12);
  });

  test('a circle in straight pieces keeps within its sag: area of 1 m radius between 3.13 and π', () => {
    const area = polygonAreaM2(circle(3, 4, 1, 0.002));
    expect(area).toBeGreaterThan(3.13);
    expect(area).toBeLessThan(Math.PI);
    expect(boundsOf(circle(3, 4, 1)).right).toBeCloseTo(4, 12);
  });
});

describe('clipping', () => {
  const size = fc.double({ min: 0.1, max: 3, noNaN: true });
  const place = fc.double({ min: -2, max: 2, noNaN: true });
  const box = fc.tuple(place, place, size, size).map(([x, y, w, h]) => ({ outline: rectangle(x, y, w, h) }));

  test('what both cover is the overlap of the intervals, and union + overlap = sum', () => {
    fc.assert(
      fc.property(box, box, (a, b) => {
        const [p, q] = [boundsOf(a.outline), boundsOf(b.outline)];
        const wide = Math.max(0, Math.min(p.right, q.right) - Math.max(p.left, q.left));
        const high = Math.max(0, Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top));
        expect(sum(intersectionOf(a, b))).toBeCloseTo(wide * high, 3);
        expect(sum(unionOf([a, b])) + sum(intersectionOf(a, b))).toBeCloseTo(sum([a, b]), 3);
        expect(sum(differenceOf(a, [b]))).toBeCloseTo(sum([a]) - wide * high, 3);
      }),
    );
  });

  test('a line cuts a figure into two that make it up again', () => {
    fc.assert(
      fc.property(box, place, place, place, place, (a, x1, y1, x2, y2) => {
        const { left, right } = cutByLine(a, [x1, y1], [x2, y2]);
        expect(sum(left) + sum(right)).toBeCloseTo(sum([a]), 3);
        expect(
          sum(
            intersectionOf(left[0] ?? { outline: rectangle(9, 9, 1, 1) }, {
              outline: rectangle(50, 50, 1, 1),
            }),
          ),
        ).toBe(0);
      }),
    );
  });

  test('a hole stays a hole: 2 × 2 less a middle of 1 × 1 is 3 m²', () => {
    const frame = differenceOf({ outline: rectangle(0, 0, 2, 2) }, [{ outline: rectangle(0.5, 0.5, 1, 1) }]);
    expect(frame).toHaveLength(1);
    expect(frame[0]!.holes).toHaveLength(1);
    expect(figureAreaM2(frame[0]!)).toBeCloseTo(3, 9);
  });
});

describe('growing and shrinking', () => {
  const size = fc.double({ min: 0.3, max: 3, noNaN: true });
  const distance = fc.double({ min: 0.01, max: 0.1, noNaN: true });

  test('a rectangle grows by its edges and a circle of corners, and shrinks to a smaller rectangle', () => {
    fc.assert(
      fc.property(size, size, distance, (w, h, d) => {
        const box = { outline: rectangle(0.4, -0.7, w, h) };
        // Steiner: A + P·d + π·d²; the circles are drawn in pieces, so a little less.
        const grown = sum(offsetOf(box, d));
        expect(grown).toBeLessThanOrEqual(w * h + 2 * (w + h) * d + Math.PI * d * d + 1e-4);
        expect(grown).toBeGreaterThan(w * h + 2 * (w + h) * d + 3 * d * d - 1e-4);
        expect(sum(offsetOf(box, -d))).toBeCloseTo((w - 2 * d) * (h - 2 * d), 3);
        expect(edgeBandM2(box, d)).toBeCloseTo(w * h - (w - 2 * d) * (h - 2 * d), 3);
      }),
      { numRuns: 40 },
    );
  });

  test('growing never loses area, shrinking never gains any, and further is more', () => {
    const corners = fc.array(fc.tuple(size, size), { minLength: 3, maxLength: 3 });
    fc.assert(
      fc.property(corners, distance, (points, d) => {
        const triangle = { outline: points as Point[] };
        fc.pre(polygonAreaM2(triangle.outline) > 0.05);
        const areas = [-2 * d, -d, 0, d, 2 * d].map((by) => sum(offsetOf(triangle, by)));
        for (const [i, area] of areas.slice(1).entries())
          expect(area).toBeGreaterThanOrEqual(areas[i]! - 1e-6);
      }),
      { numRuns: 40 },
    );
  });

  test('a long, thin triangle is given back at a distance of 0, and grows by its edges and its corners', () => {
    const thin: Point[] = [
      [0.3, 2.44388],
      [0.514175, 0.3],
      [0.525621, 0.652403],
    ];
    // Half the cross product of two sides: ½ · |0.214175 · −1.791477 + 2.14388 · 0.225621| = 0.050007 m².
    expect(sum(offsetOf({ outline: thin }, 0))).toBeCloseTo(0.050007, 4);
    // Sides of 2.15455, 0.35259 and 1.80563 m: 0.050007 + 4.31277 · 0.01 + π · 0.0001.
    expect(sum(offsetOf({ outline: thin }, 0.01))).toBeCloseTo(0.09345, 4);
  });

  test('a band as wide as the panel is all of it; an opening has a band of its own', () => {
    expect(edgeBandM2({ outline: rectangle(0, 0, 0.2, 1) }, 0.1)).toBeCloseTo(0.2, 6);
    const framed = { outline: rectangle(0, 0, 2, 2), holes: [rectangle(0.5, 0.5, 1, 1)] };
    // Outside 4 − 1.8² = 0.76; round the opening 4 × 1 × 0.1 and four quarter circles of 0.1 m.
    expect(edgeBandM2(framed, 0.1)).toBeCloseTo(0.76 + 0.4 + Math.PI * 0.01, 3);
  });
});

test('the centre of gravity of a right-angled triangle lies a third up each side', () => {
  expect(
    centroidOf([
      [1, 1],
      [4, 1],
      [1, 7],
    ]),
  ).toEqual([expect.closeTo(2, 9), expect.closeTo(3, 9)]);
  expect(
    centroidOf([
      [0, 0],
      [2, 0],
    ]),
  ).toEqual([1, 0]);
});

test('mirroring twice gives the ring back, and the area stays', () => {
  const ring: Point[] = [
    [0, 0],
    [3, 0.5],
    [2, 2],
  ];
  expect(mirrored(mirrored(ring, 1.7), 1.7)).toEqual(
    ring.map(([x, y]) => [expect.closeTo(x), expect.closeTo(y)]),
  );
  expect(polygonAreaM2(mirrored(ring, -4))).toBeCloseTo(polygonAreaM2(ring), 12);
});

test('a bow tie crosses itself in its first and third edge, a square does not', () => {
  const bowTie: Point[] = [
    [0, 0],
    [1, 1],
    [1, 0],
    [0, 1],
  ];
  expect(selfCrossing(bowTie)).toEqual([0, 2]);
  expect(selfCrossing(rectangle(0, 0, 1, 1))).toBeNull();
});
