import fc from 'fast-check';
import { boundsOf, figureAreaM2, polygonAreaM2, selfCrossing, unionOf } from '../geometry';
import {
  bodyKindOf,
  bodyKinds,
  completeDimensions,
  gapLinesOf,
  neighboursOf,
  partFromOutline,
  sizeOf,
  type Dimensions,
  type Part,
} from './index';

const partsOf = (key: string, dimensions: Dimensions = {}): Part[] => {
  const kind = bodyKindOf(key)!;
  return kind.parts(completeDimensions(kind, dimensions));
};
const sum = (parts: readonly Part[], value: (part: Part) => number) =>
  parts.reduce((total, part) => total + value(part), 0);
const totalM2 = (key: string, dimensions: Dimensions) =>
  sum(partsOf(key, dimensions), (part) => part.outsideM2);

describe('areas fall in the bands the trade knows', () => {
  test.each([
    ['saloon', { length: 3.8, width: 1.58, height: 1.36 }, 10, 13, 'small car'],
    ['saloon', { length: 4.9, width: 1.85, height: 1.45 }, 13, 18, 'large car'],
    ['coupe', { length: 4.1, width: 1.65, height: 1.28 }, 10, 13, 'small two-door car'],
    ['estate', { length: 4.8, width: 1.82, height: 1.75 }, 18, 32, 'estate car'],
    ['pickup', { length: 4.9, width: 1.85, height: 1.85 }, 15, 24, 'pickup'],
    ['pickup', { length: 4.2, width: 1.7, height: 1.75 }, 15, 24, 'short 4x4'],
    [
      'vintage',
      { length: 4.2, width: 1.65, height: 1.25 },
      16,
      22,
      'vintage car with both faces of its wings',
    ],
    ['tractor-unit', {}, 30, 45, 'tractor unit with sleeper'],
    ['box-body', { length: 7.6, width: 2.3, height: 2.7 }, 40, 55, 'small coach to 8 m'],
    ['box-body', { length: 4.2, width: 1.7, height: 1.9, sideGlass: 8 }, 18, 32, 'van'],
    ['box-body', { length: 12, width: 2.5, height: 3.2 }, 70, 100, 'full coach'],
    ['open-hull', { length: 5, beam: 1.9, depth: 0.8 }, 10, 14, 'hull 5 m'],
    ['open-hull', { length: 7, beam: 2.4, depth: 1.1 }, 18, 24, 'hull 7 m'],
    ['open-hull', { length: 9, beam: 2.9, depth: 1.5 }, 28, 36, 'hull 9 m'],
    ['low-wing', { length: 6.8, span: 9.2, height: 2.1 }, 55, 75, 'aircraft two seats'],
    ['low-wing', { length: 8.2, span: 10.9, height: 2.4 }, 75, 110, 'aircraft four seats'],
    ['high-wing', { length: 7, span: 10, height: 2.1 }, 55, 75, 'high-wing two seats'],
  ])('%s %j lies in %d–%d m² (%s)', (key, dimensions: Dimensions, low, high, _trade) => {
    const area = totalM2(key, dimensions);
    expect(area).toBeGreaterThanOrEqual(low);
    expect(area).toBeLessThanOrEqual(high);
  });

  test('jambs, bays and insides add 40–90 % to a car on a full colour change, counted with its wheel arches', () => {
    const parts = partsOf('saloon');
    const share = sum(parts, (part) => part.insideM2) / sum(parts, (part) => part.outsideM2);
    expect(share).toBeGreaterThan(0.25);
    expect(share).toBeLessThan(0.9);
  });

  test('a deck adds to a hull what its outline has: (0.86 + 2 × 0.96 + 2 × 1 + 2 × 0.82 + 0.12) / 2 × 7/4 × 2.4, less the cockpit', () => {
    const deck = partsOf('decked-hull').filter((part) => part.section === 'deck');
    const outline = ((0.86 + 2 * 0.96 + 2 * 1 + 2 * 0.82 + 0.12) / 2) * 1.75 * 2.4;
    expect(sum(deck, (part) => polygonAreaM2(part.outline))).toBeCloseTo(outline, 6);
    const cockpit = 1.65 * 2.4 * 0.45 * (0.86 + 0.96);
    expect(sum(deck, (part) => part.outsideM2)).toBeCloseTo((outline - cockpit) * 1.03, 6);
  });
});

describe('areas worked by hand', () => {
  test('a coach side panel is its rectangle: length / bays × 38 % of the girth', () => {
    // 7.6 m in seven bays; girth 2.70 − 0.35 m of clearance.
    expect(partsOf('box-body').find((one) => one.key === 'B3L')!.outsideM2).toBeCloseTo(
      (7.6 / 7) * 0.38 * 2.35,
      9,
    );
  });

  test('a saloon’s roof and bonnet: shares of length and width, crowned 3 %', () => {
    const parts = partsOf('saloon', { length: 4.4, width: 1.72, height: 1.42 });
    const of = (key: string) => parts.find((one) => one.key === key)!;
    // 0.31 × 4.4 = 1.364 m by 0.76 × 1.72 = 1.3072 m
    expect(of('RF').outsideM2).toBeCloseTo(1.364 * 1.3072 * 1.03, 9);
    // 0.27 × 4.4 = 1.188 m by 0.84 × 1.72 = 1.4448 m; nine tenths of it again inside
    expect(of('BN').outsideM2).toBeCloseTo(1.188 * 1.4448 * 1.03, 9);
    expect(of('BN').insideM2).toBeCloseTo(0.9 * 1.188 * 1.4448, 9);
  });

  test('a saloon’s front door: its outline less the glass, by the shoelace on paper', () => {
    // Shares × (4.4 m, girth (1.42 − 0.18) × 1.05 = 1.302 m).
    // Outline: rectangle 0.2 × 0.49 + trapezium (0.2 + 0.12) / 2 × 0.33 = 0.098 + 0.0528 = 0.1508
    // Glass: trapezium (0.165 + 0.1) / 2 × 0.27 = 0.035775
    const door = partsOf('saloon').find((one) => one.key === 'D1L')!;
    expect(door.outsideM2).toBeCloseTo((0.1508 - 0.035775) * 4.4 * 1.302 * 1.05, 4);
  });

  test('a vintage wing is 1.15 × 0.5 m a face, a quarter more by its curves, both faces painted', () => {
    const faces = partsOf('vintage').filter((one) => one.key.startsWith('G1'));
    expect(faces.map((one) => one.key)).toEqual(['G1', 'G1I']);
    for (const face of faces) expect(face.outsideM2).toBeCloseTo(1.15 * 0.5 * 1.25, 9);
    expect(sizeOf(faces[0]!)).toEqual({ lengthM: expect.closeTo(1.15, 9), widthM: expect.closeTo(0.5, 9) });
  });
});

describe('every net at its first dimensions', () => {
  test.each(bodyKinds.map((kind) => [kind.key] as const))('%s: left and right are mirror images', (key) => {
    const parts = partsOf(key);
    for (const part of parts.filter((one) => one.side === 'left')) {
      const other = parts.find(
        (one) => one.side === 'right' && one.key.replace(/[RS]$/, '') === part.key.replace(/[LP]$/, ''),
      )!;
      expect(other.outsideM2).toBeCloseTo(part.outsideM2, 4);
      expect(other.trimM).toBeCloseTo(part.trimM, 3);
      expect(other.shape).toBe(part.shape);
    }
  });

  test.each(
    bodyKinds.flatMap((kind) => (['left', 'right'] as const).map((side) => [kind.key, side] as const)),
  )('%s, %s: the panels of a side neither overlap nor leave gaps between them', (key, side) => {
    const own = partsOf(key).filter((part) => part.side === side);
    if (own.length === 0) return;
    const outlines = own.map((part) => ({ outline: part.outline }));
    const union = unionOf(outlines);
    const areas = outlines.reduce((total, one) => total + figureAreaM2(one), 0);
    expect(union.reduce((total, one) => total + figureAreaM2(one), 0)).toBeCloseTo(areas, 3);
    for (const figure of union) expect(figure.holes).toEqual([]);
  });

  test.each(bodyKinds.map((kind) => [kind.key] as const))(
    '%s: no two panels anywhere lie on each other',
    (key) => {
      const parts = partsOf(key);
      const covered = unionOf(parts.map((part) => ({ outline: part.outline })));
      const areas = sum(parts, (part) => polygonAreaM2(part.outline));
      expect(covered.reduce((total, one) => total + figureAreaM2(one), 0)).toBeCloseTo(areas, 2);
    },
  );
});

describe('every net, for any dimensions within its limits', () => {
  const cases = fc
    .constantFrom(...bodyKinds)
    .chain((kind) =>
      fc
        .record(
          Object.fromEntries(
            kind.dimensions.map((d) => [d.key, fc.double({ min: d.min, max: d.max, noNaN: true })]),
          ),
        )
        .map((dimensions) => ({ kind, dimensions: dimensions as Dimensions })),
    );

  test('has distinct keys, simple outlines, positive finite areas, and a section for each part', () => {
    fc.assert(
      fc.property(cases, ({ kind, dimensions }) => {
        const parts = kind.parts(dimensions);
        const sections = new Set(kind.sections(dimensions).map((one) => one.key));
        expect(new Set(parts.map((part) => part.key)).size).toBe(parts.length);
        for (const part of parts) {
          expect(Number.isFinite(part.outsideM2) && part.outsideM2 > 0).toBe(true);
          expect(selfCrossing(part.outline)).toBeNull();
          if (part.section !== 'wings' || dimensions.wings === undefined || dimensions.wings >= 1)
            expect(sections).toContain(part.section);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('gap lines', () => {
  test('two doors of 1 m stand side by side along 1 m; a wing further off is no neighbour', () => {
    const part = (key: string, x: number, y: number, w: number, h: number) =>
      partFromOutline({
        key,
        name: key,
        section: 's',
        side: 'left',
        outline: [
          [x, y],
          [x + w, y],
          [x + w, y + h],
          [x, y + h],
        ],
        shape: 'flat',
      });
    const lines = gapLinesOf([
      part('D1', 0, 0, 1, 1),
      part('D2', 1, 0, 1, 1),
      part('W', 3, 0, 1, 1),
      part('S', 0, 1, 1.5, 0.2),
    ]);
    expect(lines).toEqual([
      { a: 'D1', b: 'D2', lengthM: expect.closeTo(1, 9) },
      { a: 'D1', b: 'S', lengthM: expect.closeTo(1, 9) },
      { a: 'D2', b: 'S', lengthM: expect.closeTo(0.5, 9) },
    ]);
    expect(neighboursOf('D1', lines).map((one) => one.key)).toEqual(['D2', 'S']);
  });

  test('the front door of a saloon meets rear door, wing, sill, pillar and rail', () => {
    const keys = neighboursOf('D1L', gapLinesOf(partsOf('saloon'))).map((one) => one.key);
    expect(keys.sort()).toEqual(['AL', 'D2L', 'GL', 'SL', 'WL']);
  });

  test('loose parts have no neighbours', () => {
    const loose = new Set(
      partsOf('vintage')
        .filter((part) => part.side === 'loose')
        .map((part) => part.key),
    );
    for (const line of gapLinesOf(partsOf('vintage')))
      expect(loose.has(line.a) || loose.has(line.b)).toBe(false);
  });
});

test('every net fits a picture: it starts near the origin and is wider than it is nothing', () => {
  for (const kind of bodyKinds) {
    const parts = partsOf(kind.key);
    if (parts.length === 0) continue;
    const { left, top } = boundsOf(parts.flatMap((part) => part.outline));
    expect(Math.abs(top)).toBeLessThan(1);
    expect(left).toBeGreaterThan(-5);
  }
});
