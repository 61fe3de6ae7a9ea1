import { rectangle } from '../geometry';
import type { BandShape, Construction, ConstructionShape, LaidLine } from '../record';
import { bodyKindOf, completeDimensions, partFromOutline, type Part } from '../vehicle';
import type { FieldEdge } from './field-edges';
import { layoutOf, type SchemeLayout } from './layout';

/** Three panels of 1 × 1 m side by side, the front one at the right of the layout. */
const panel = (key: string, x: number, more: Partial<Part> = {}): Part => ({
  ...partFromOutline({
    key,
    name: key,
    section: 'sides',
    side: 'left',
    outline: rectangle(x, 0, 1, 1),
    shape: 'flat',
  }),
  ...more,
});
const three = [panel('A', 0), panel('B', 1), panel('C', 2)];

const line = (mm: number | [number, number][], more: Partial<LaidLine> = {}): LaidLine => ({
  datum: 'base',
  panel: '',
  fairing: 'straight',
  stations: (typeof mm === 'number' ? [[0, mm] as const] : mm).map(([atMm, at]) => ({ atMm, mm: at })),
  ...more,
});
const band = (more: Partial<BandShape> = {}): BandShape => ({
  kind: 'band',
  line: line(400),
  widths: [{ atMm: 0, mm: 200 }],
  lies: 'above',
  fromMm: null,
  toMm: null,
  ends: 'square',
  outline: null,
  ...more,
});
const construction = (shape: ConstructionShape, more: Partial<Construction> = {}): Construction => ({
  id: 'n1',
  name: 'Band',
  colour: 'ochre',
  strip: 'left',
  place: 1,
  shape,
  ...more,
});
const laid = (shape: ConstructionShape, parts: readonly Part[] = three) =>
  layoutOf(parts, 'panel', [construction(shape)]);

const areas = ({ pieces }: SchemeLayout, field = 'n1') =>
  Object.fromEntries(pieces.filter((one) => one.field === field).map((one) => [one.panel, one.areaM2]));
const total = (layout: SchemeLayout, field = 'n1') =>
  layout.pieces.reduce((sum, one) => sum + (one.field === field ? one.areaM2 : 0), 0);
const metres = (edges: readonly FieldEdge[], match: (edge: FieldEdge) => boolean) =>
  edges.filter(match).reduce((sum, edge) => sum + edge.m, 0);

describe('a straight band across three panels', () => {
  const layout = laid(band());

  test('covers 1 m × 0.2 m of each and has two edges of 1 m on each', () => {
    expect(areas(layout)).toEqual({
      A: expect.closeTo(0.2, 9),
      B: expect.closeTo(0.2, 9),
      C: expect.closeTo(0.2, 9),
    });
    expect(metres(layout.edges, () => true)).toBeCloseTo(6, 6);
    expect(layout.edges.every((edge) => edge.bend === 'straight' && edge.b === null)).toBe(true);
    expect(layout.faults).toEqual([]);
  });

  test('has its share of a measured area', () => {
    // The panel measures 1.1 m² instead of 1: a fifth of it is 0.22 m².
    expect(areas(laid(band(), [panel('A', 0, { outsideM2: 1.1, measured: true })])).A).toBeCloseTo(0.22, 9);
  });

  test('leaves out an opening: 0.4 × 0.1 m of the band lies in a window', () => {
    const window = panel('A', 0, { holes: [rectangle(0.3, 0.5, 0.4, 0.3)] });
    const own = laid(band(), [{ ...window, outsideM2: 1 - 0.12 }]);
    expect(areas(own).A).toBeCloseTo(0.2 - 0.04, 9);
    // The upper edge runs over 0.4 m of glass: nothing is taped there.
    expect(metres(own.edges, () => true)).toBeCloseTo(1.6, 6);
  });
});

test('a tapered band of 300 to 100 mm over 3 m is a trapezium of 0.6 m²', () => {
  const widths = [
    { atMm: 0, mm: 300 },
    { atMm: 3000, mm: 100 },
  ];
  const layout = laid(band({ widths }));
  expect(total(layout)).toBeCloseTo(0.6, 6);
  // The front lies at the right: there it is 300 mm wide at the edge, 233.3 mm a metre further.
  expect(areas(layout).C).toBeCloseTo((0.3 + 0.2 + 0.1 / 3) / 2, 6);
  // Its lower edge is level, its upper one falls by 200 mm over 3 m.
  expect(metres(layout.edges, () => true)).toBeCloseTo(3 + Math.hypot(3, 0.2), 6);
});

test('a sloping band keeps its width square to itself', () => {
  // Rises 300 mm over 400 mm: 0.5 m long on the slope, 0.1 m wide, square ends inside one panel.
  const rising: [number, number][] = [
    [200, 300],
    [600, 600],
  ];
  const own = band({
    line: line(rising),
    widths: [{ atMm: 0, mm: 100 }],
    lies: 'centred',
    fromMm: 200,
    toMm: 600,
  });
  expect(total(laid(own, [panel('A', 0)]))).toBeCloseTo(0.5 * 0.1, 6);
});

test('a rounded end adds half a circle, a mitred one half a square', () => {
  const short = (ends: BandShape['ends']) =>
    total(laid(band({ fromMm: 300, toMm: 700, ends }), [panel('A', 0)]));
  expect(short('square')).toBeCloseTo(0.4 * 0.2, 9);
  const circle = Math.PI * 0.1 ** 2;
  expect(Math.abs(short('rounded') - 0.08 - circle)).toBeLessThan(0.003 * circle);
  expect(short('mitred')).toBeCloseTo(0.08 + 0.2 * 0.2, 9);
});

test('a band over a curved edge follows it: within one per cent of a ring piece', () => {
  // The lower edge is a quarter of a circle of 2 m radius; the band lies 100 mm above it, 50 mm wide, between 0.2 and 1.2 m.
  const arc = Array.from({ length: 41 }, (_, i): [number, number] => {
    const x = (i / 40) * 1.4;
    return [x, 2 - Math.sqrt(4 - x * x)];
  });
  const outline = [...arc, [1.4, 2] as const, [0, 2] as const];
  const own = panel('A', 0, { outline: outline.map(([x, y]) => [1.4 - x, y]), outsideM2: 1.9 });
  const flat = (outlineM2: number) => ({ ...own, outsideM2: outlineM2 });
  const shape = band({
    line: line(100, { datum: 'lower' }),
    widths: [{ atMm: 0, mm: 50 }],
    fromMm: 200,
    toMm: 1200,
  });
  const [piece] = layoutOf([flat(1)], 'panel', [construction(shape)]).pieces;
  const share = piece!.areaM2;
  // Length of the arc y = 2.1 − √(4 − x²) from 0.2 to 1.2 is 2 (asin 0.6 − asin 0.1); the band keeps 50 mm square to it.
  const lengthM = 2 * (Math.asin(0.6) - Math.asin(0.1));
  const wholeM2 = 1.4 * 2 - arcAreaM2(1.4);
  // A band above a hollow edge loses half its width times the turn of its line.
  const turn = Math.asin(0.6) - Math.asin(0.1);
  expect(share * wholeM2).toBeGreaterThan(0.99 * (lengthM * 0.05 - (turn * 0.05 ** 2) / 2));
  expect(share * wholeM2).toBeLessThan(1.01 * lengthM * 0.05);
});

/** Area under y = 2 − √(4 − x²) from 0 to x. */
const arcAreaM2 = (x: number) => 2 * x - (x * Math.sqrt(4 - x * x)) / 2 - 2 * Math.asin(x / 2);

describe('several constructions', () => {
  test('a two-tone with an outline: areas and tape as on paper', () => {
    // Below 500 mm ochre; a band of 100 mm centred on 500 with outlines of 10 mm either side.
    const lower = construction(
      { kind: 'field', line: line(500), side: 'below' },
      { id: 'low', colour: 'barley', place: 1 },
    );
    const outline = { colour: 'leaf', widthMm: 10, sides: 'both' as const };
    const waist = construction(
      band({ line: line(500), widths: [{ atMm: 0, mm: 100 }], lies: 'centred', outline }),
      { place: 2 },
    );
    const layout = layoutOf(three, 'panel', [waist, lower]);
    expect(total(layout)).toBeCloseTo(0.3, 6);
    expect(total(layout, 'n1.outline')).toBeCloseTo(0.06, 6);
    expect(total(layout, 'low')).toBeCloseTo(3 * 0.44, 6);
    const between = (a: string, b: string | null) =>
      metres(layout.edges, (edge) => [edge.a, edge.b].includes(a) && [edge.a, edge.b].includes(b));
    // Outline against band: both sides, 3 m each; against the upper colour and against the lower one 3 m each.
    expect(between('n1.outline', 'n1')).toBeCloseTo(6, 6);
    expect(between('n1.outline', null)).toBeCloseTo(3, 6);
    expect(between('n1.outline', 'low')).toBeCloseTo(3, 6);
    expect(between('low', null)).toBeCloseTo(0, 6);
  });

  test('where one crosses another both edges are told by what lies beside them', () => {
    const upright = construction(
      { kind: 'box', line: line(0), atMm: 400, lengthMm: 200, heightMm: 1000, letters: '' },
      { id: 'box', place: 2 },
    );
    const low = construction({ kind: 'field', line: line(300), side: 'below' }, { id: 'low', place: 1 });
    const { edges } = layoutOf([panel('A', 0)], 'panel', [low, upright]);
    const between = (a: string, b: string | null) =>
      metres(edges, (edge) => [edge.a, edge.b].includes(a) && [edge.a, edge.b].includes(b));
    expect(between('box', 'low')).toBeCloseTo(0.6, 6);
    expect(between('box', null)).toBeCloseTo(1.4, 6);
    expect(between('low', null)).toBeCloseTo(0.8, 6);
  });

  test('fields of a panel and what is left of it sum to its area', () => {
    const stripes = construction(
      { kind: 'stripes', line: line(200), widthsMm: [50, 30, 20], gapsMm: [10, 15] },
      { id: 's', place: 2 },
    );
    const layout = layoutOf(three, 'panel', [stripes, construction(band(), { place: 1 })]);
    expect(total(layout, 's')).toBeCloseTo(0.3, 6);
    expect(total(layout)).toBeCloseTo(0.6, 6);
  });
});

test('a mirrored band lies alike on both sides of a coach, at the same heights from the sill', () => {
  const kind = bodyKindOf('box-body')!;
  const parts = kind.parts(completeDimensions(kind, {}));
  const widths = [
    { atMm: 0, mm: 240 },
    { atMm: 7600, mm: 120 },
  ];
  const shape = band({ line: line(900), widths, lies: 'centred' });
  const { pieces, strips } = layoutOf(parts, 'panel', [construction(shape, { strip: 'both' })]);
  const own = (letter: string) =>
    Object.fromEntries(
      pieces
        .filter((one) => one.panel.endsWith(letter))
        .map((one) => [one.panel.slice(0, -1), one.areaM2] as const),
    );
  const [left, right] = [own('L'), own('R')];
  expect(Object.keys(left).length).toBeGreaterThan(4);
  for (const [key, areaM2] of Object.entries(left)) expect(right[key]).toBeCloseTo(areaM2, 9);
  // Back on the layout both lie 900 mm from the sill, which is the outer edge on either side.
  const [leftStrip, rightStrip] = strips;
  expect(leftStrip!.toLayout([0, 0.9])[1]).toBeCloseTo(0.9, 9);
  const outer = Math.max(
    ...parts.flatMap((part) => (part.side === 'right' ? part.outline.map(([, y]) => y) : [])),
  );
  expect(rightStrip!.toLayout([0, 0.9])[1]).toBeCloseTo(outer - 0.9, 9);
});

describe('what cannot be laid out is said', () => {
  const code = (shape: ConstructionShape, more: Partial<Construction> = {}) =>
    layoutOf(three, 'panel', [construction(shape, more)]).faults.map((one) => one.code);
  test.each<[string, ConstructionShape, Partial<Construction>, string[]]>([
    ['a strip that the body does not have', band(), { strip: 'rear' }, ['no-strip']],
    [
      'a panel that is not on the strip',
      band({ line: line(0, { datum: 'panel-upper', panel: 'Z9' }) }),
      {},
      ['no-datum'],
    ],
    ['a band over the top', band({ line: line(4000) }), {}, ['no-panel']],
    ['an end beyond the strip', band({ fromMm: 100, toMm: 9000 }), {}, ['beyond-the-end']],
    [
      'a wide band round a sharp bend',
      band({
        line: line([
          [1000, 0],
          [1100, 900],
          [1200, 0],
        ]),
        widths: [{ atMm: 0, mm: 1500 }],
      }),
      {},
      ['crosses-itself'],
    ],
    ['a good band', band(), {}, []],
  ])('%s', (_name, shape, more, codes) => {
    expect(code(shape, more)).toEqual(codes);
  });

  test('what lies wholly under another', () => {
    const over = construction(band({ line: line(300), widths: [{ atMm: 0, mm: 500 }] }), {
      id: 'over',
      place: 2,
    });
    expect(layoutOf(three, 'panel', [construction(band()), over]).faults).toEqual([
      { construction: 'n1', code: 'covered', strip: 'left' },
    ]);
  });
});
