import { figureEntry, figuresFrom, readFigure, type FigureKey, type TypedFigure } from '.';

const typed = (scope: TypedFigure['scope'], of: string, value: number): TypedFigure => ({
  key: 'transfer.flat',
  scope,
  of,
  value,
});

test('the nearest figure holds: panel, then product, section, job, shop, the trade', () => {
  const at = { product: 'clear-21', section: 'roof', panel: 'R1' };
  const list = [
    typed('shop', '', 0.6),
    typed('job', '', 0.61),
    typed('section', 'roof', 0.62),
    typed('product', 'clear-21', 0.63),
    typed('panel', 'R1', 0.64),
  ];
  const held = list.map((_, i) => figuresFrom(list.slice(0, i + 1))('transfer.flat', at));
  expect(held).toEqual([0.6, 0.61, 0.62, 0.63, 0.64]);
  // What is typed for something else says nothing here; another key neither.
  const other = figuresFrom([typed('section', 'sides', 0.9)]);
  expect(other('transfer.flat', at)).toBe(0.65);
  expect(figuresFrom(list)('transfer.curved', at)).toBe(0.5);
  // Of a shop and a job the job is nearer, in whatever order they are named.
  expect(figuresFrom([typed('job', '', 0.7)], [typed('shop', '', 0.4)])('transfer.flat')).toBe(0.7);
});

test('whose hand it is stands before the product, and both before the job', () => {
  const of = (scope: TypedFigure['scope'], name: string, value: number): TypedFigure => ({
    key: 'gun.speed',
    scope,
    of: name,
    value,
  });
  const figures = figuresFrom([of('painter', 'ines', 18), of('product', 'clear-21', 20), of('job', '', 22)]);
  expect(figures('gun.speed', { product: 'clear-21', painter: 'ines' })).toBe(18);
  expect(figures('gun.speed', { product: 'clear-21', painter: 'marek' })).toBe(20);
  expect(figures('gun.speed', { product: 'sealer-grey', painter: 'marek' })).toBe(22);
});

describe('a figure as it is typed', () => {
  const read = (key: FigureKey, text: string) => {
    const found = readFigure(text, figureEntry(key));
    return found.status === 'ok' ? found.value : found.reason;
  };

  test.each<[FigureKey, string, number]>([
    ['clear.residual', '45', 45],
    ['clear.residual', '1,8 mil', 45.72],
    ['clear.residual', '0.05 mm', 50],
    ['mix.touch-up', '8 oz', 0.236588],
    ['mix.touch-up', '1 qt', 0.946353],
    ['transfer.flat', '0,65', 0.65],
    ['transfer.flat', '65 %', 0.65],
    ['bare.steel', '6 h', 360],
    ['tape.days', '2 weeks', 14],
    ['line.past', '4 in', 0.1016],
    ['session.second-painter', '200 sq ft', 18.580608],
    ['seam.cartridge', '300', 300],
    ['seam.cartridge', '0.3 L', 300],
    ['filler.palette', '1 lb', 0.453592],
  ])('%s: %s is %p', (key, text, value) => {
    expect(read(key, text)).toBeCloseTo(value, 6);
  });

  test.each<[FigureKey, string, string]>([
    ['transfer.flat', '1.2', '1.2 is outside 0.1–1'],
    ['transfer.flat', '0', '0 is outside 0.1–1'],
    ['clear.residual', '3 mm', '3000 µm is outside 10–200 µm'],
    ['tape.days', '1.5', '1.5 is no whole number'],
    ['clear.residual', '45 L', '“l” is no unit here: µm, um, micron, mil, mm'],
    ['bare.steel', '6 oz', '“oz” is no unit here: min, h, d'],
    ['gun.speed', '24 km', '“km” is no unit here: m/min'],
    ['mix.cup', 'full', '“full” is no figure'],
    ['mix.cup', '', 'a figure is missing'],
  ])('%s: %p is refused where it is typed: %s', (key, text, reason) => {
    expect(read(key, text)).toBe(reason);
  });
});
