import { readySolids, transferEfficiency, volumeParts } from './spreading';

const part = (label: string, parts: number, volumeSolids: number, densityKgL: number | null) => ({
  label,
  parts,
  volumeSolids,
  densityKgL,
});

describe('mixed by weight', () => {
  const mix = [part('base', 100, 0.6, 1.25), part('hardener', 20, 0.4, 1)];

  test('100 g at 1.25 kg/L and 20 g at 1 kg/L are 80 and 20 by volume: solids (80·0.6 + 20·0.4)/100 = 0.56', () => {
    expect(volumeParts({ mix, mixBy: 'weight' }).map((one) => one.parts)).toEqual([80, 20]);
    expect(readySolids({ mix, mixBy: 'weight' })).toBeCloseTo(0.56, 12);
  });

  test('by volume the parts are what they are, and a density nobody gave counts as water', () => {
    expect(volumeParts({ mix, mixBy: 'volume' }).map((one) => one.parts)).toEqual([100, 20]);
    expect(volumeParts({ mix: [part('base', 7, 0.5, null)], mixBy: 'weight' })).toEqual([
      part('base', 7, 0.5, null),
    ]);
  });
});

test('a brush wastes less than a roller, a roller less than a gun, and a gun least on what is flat', () => {
  const [brush, roller] = [transferEfficiency('brush', 'flat'), transferEfficiency('roller', 'tube')];
  const guns = (['flat', 'curved', 'tube'] as const).map((shape) => transferEfficiency('spray', shape));
  expect(brush).toBeGreaterThan(roller);
  expect(roller).toBeGreaterThan(guns[0]!);
  expect(guns).toEqual(guns.toSorted((a, b) => b - a));
  expect(brush).toBeLessThan(1);
});
