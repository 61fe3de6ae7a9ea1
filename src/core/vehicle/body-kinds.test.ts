import fc from 'fast-check';
import {
  bodyKindOf,
  bodyKinds,
  completeDimensions,
  perimeterM,
  polygonAreaM2,
  type Dimensions,
} from './index';

const totalM2 = (key: string, dimensions: Dimensions) => {
  const kind = bodyKindOf(key)!;
  return kind.parts(completeDimensions(kind, dimensions)).reduce((sum, part) => sum + part.outsideM2, 0);
};

describe('areas fall in the bands the trade knows', () => {
  test.each([
    ['box-body', { length: 7.6, width: 2.3, height: 2.7 }, 40, 55, 'small coach to 8 m'],
    ['box-body', { length: 4.2, width: 1.7, height: 1.9, sideGlass: 8 }, 18, 32, 'van'],
    ['box-body', { length: 12, width: 2.5, height: 3.2 }, 70, 100, 'full coach'],
    ['open-hull', { length: 5, beam: 1.9, depth: 0.8 }, 10, 14, 'hull 5 m'],
    ['open-hull', { length: 7, beam: 2.4, depth: 1.1 }, 18, 24, 'hull 7 m'],
    ['open-hull', { length: 9, beam: 2.9, depth: 1.5 }, 28, 36, 'hull 9 m'],
    ['low-wing', { length: 6.8, span: 9.2, height: 2.1 }, 55, 75, 'aircraft two seats'],
    ['low-wing', { length: 8.2, span: 10.9, height: 2.4 }, 75, 110, 'aircraft four seats'],
  ])('%s %j lies in %d–%d m² (%s)', (key, dimensions: Dimensions, low, high, _trade) => {
    const area = totalM2(key, dimensions);
    expect(area).toBeGreaterThanOrEqual(low);
    expect(area).toBeLessThanOrEqual(high);
  });
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

  test('has distinct keys, positive finite areas, and a section for each part', () => {
    fc.assert(
      fc.property(cases, ({ kind, dimensions }) => {
        const parts = kind.parts(dimensions);
        const sections = new Set(kind.sections(dimensions).map((one) => one.key));
        expect(new Set(parts.map((part) => part.key)).size).toBe(parts.length);
        for (const part of parts) {
          expect(Number.isFinite(part.outsideM2) && part.outsideM2 > 0).toBe(true);
          if (part.section !== 'wings' || dimensions.wings === undefined || dimensions.wings >= 1)
            expect(sections).toContain(part.section);
        }
      }),
    );
  });
});

test('the shoelace formula: a 3-4-5 triangle has 6 m² and 12 m round it', () => {
  const triangle = [
    [0, 0],
    [4, 0],
    [0, 3],
  ] as const;
  expect(polygonAreaM2(triangle)).toBeCloseTo(6, 12);
  expect(perimeterM(triangle)).toBeCloseTo(12, 12);
});

test('a coach side panel is its rectangle: length / bays × 38 % of the girth', () => {
  const kind = bodyKindOf('box-body')!;
  const part = kind.parts(completeDimensions(kind, {})).find((one) => one.key === 'B3L')!;
  // 7.6 m in seven bays; girth 2.70 − 0.35 m of clearance.
  expect(part.outsideM2).toBeCloseTo((7.6 / 7) * 0.38 * 2.35, 9);
});
