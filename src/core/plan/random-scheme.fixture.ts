import fc from 'fast-check';
import type { Construction, ConstructionShape, LaidLine } from '../record';

const mm = (min: number, max: number) => fc.integer({ min, max });

/** One to three stations, straight or faired, measured from the lowest point or an edge. */
const lines: fc.Arbitrary<LaidLine> = fc.record({
  datum: fc.constantFrom('base' as const, 'lower' as const, 'upper' as const),
  panel: fc.constant(''),
  fairing: fc.constantFrom('straight' as const, 'faired' as const),
  stations: fc
    .array(mm(50, 900), { minLength: 1, maxLength: 3 })
    .map((heights) => heights.map((height, i) => ({ atMm: i * 1500, mm: height }))),
});

const shapes: fc.Arbitrary<ConstructionShape> = fc.oneof(
  fc.record({ kind: fc.constant('field' as const), line: lines, side: fc.constantFrom('above', 'below') }),
  fc.record({
    kind: fc.constant('band' as const),
    line: lines,
    widths: fc.tuple(mm(20, 400), mm(20, 400)).map(([front, rear]) => [
      { atMm: 0, mm: front },
      { atMm: 3000, mm: rear },
    ]),
    lies: fc.constantFrom('centred' as const, 'above' as const, 'below' as const),
    fromMm: fc.constantFrom(null, 300),
    toMm: fc.constantFrom(null, 1800),
    ends: fc.constantFrom('square' as const, 'mitred' as const, 'rounded' as const),
    outline: fc.constant(null),
  }),
  fc.record({
    kind: fc.constant('stripes' as const),
    line: lines,
    widthsMm: fc.array(mm(10, 80), { minLength: 1, maxLength: 4 }),
    gapsMm: fc.array(mm(5, 40), { maxLength: 2 }),
  }),
  fc.record({
    kind: fc.constant('box' as const),
    line: lines,
    atMm: mm(0, 1500),
    lengthMm: mm(200, 900),
    heightMm: mm(100, 400),
    letters: fc.constantFrom('', '24'),
  }),
);

/** Schemes of no, one or two constructions on a body, in colours that the job has. */
export const randomConstructions = (colours: readonly string[]): fc.Arbitrary<Construction[]> =>
  fc
    .array(
      fc.record({
        colour: fc.constantFrom(...colours),
        strip: fc.constantFrom('both', 'left', 'right', 'top', 'rear'),
        shape: shapes,
      }),
      { maxLength: 2 },
    )
    .map((list) => list.map((one, i) => ({ ...one, id: `n${i + 1}`, name: `Field ${i + 1}`, place: i })));
