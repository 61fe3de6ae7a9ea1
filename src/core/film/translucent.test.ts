import { lookOver, type TranslucentColour } from './translucent';

/** A grey candy of 10 µm a coat whose look stands at four coats over silver. */
const grey: TranslucentColour = {
  hex: '#808080',
  coatUm: 10,
  coatsForLook: 4,
  ground: { name: 'silver', l: null, hex: null, effect: 'silver' },
};
const white = { name: 'white', l: 92, hex: null };
const lightness = (hex: string): number => parseInt(hex.slice(1, 3), 16);

describe('a translucent colour over its ground, worked by hand', () => {
  test('over its own ground, at its coats, it is what was wanted', () => {
    const look = lookOver(grey, grey.ground, 4);
    expect(look.deltaE).toBeCloseTo(0, 9);
    expect(look.hex).toBe('#808080');
  });

  test('over white it is lighter: #808080 becomes a grey of L* 67.9', () => {
    // Seen 0.2159 is 0.3593 inside; silver at full is 1 + 1/6 − √(1/36 + 1/3) = 0.5657: the dye lets 0.6351 through.
    // White of L* 92 is 0.9086 inside, so 0.5770 under the dye, seen 0.3789: L* 67.9, 165 or 166 on the screen.
    const look = lookOver(grey, white, 4);
    expect(Math.abs(lightness(look.hex) - 165.5)).toBeLessThanOrEqual(1);
    expect(look.deltaE).toBeGreaterThan(10);
  });

  test('each coat lets √√0.6351 = 0.8927 through: eight coats square what four do', () => {
    // 0.5657 · 0.6351² = 0.2282 inside, seen 0.04 + 0.384 · 0.2282 / (1 − 0.6 · 0.2282) = 0.1415: L* 44.4, 105 on the screen.
    expect(Math.abs(lightness(lookOver(grey, grey.ground, 8).hex) - 105)).toBeLessThanOrEqual(1);
  });

  test('uneven film shows in the middle tones; without a coat, or in near black, there is little to see', () => {
    const middle = lookOver(grey, grey.ground, 4);
    const black = lookOver({ ...grey, hex: '#101010' }, grey.ground, 8);
    expect(lookOver(grey, grey.ground, 0).mottleDeltaE).toBeCloseTo(0, 9);
    expect(middle.mottleDeltaE).toBeGreaterThan(2);
    expect(black.mottleDeltaE).toBeLessThan(middle.mottleDeltaE);
    expect(middle.coatDeltaE).toBeGreaterThan(0);
  });

  test('a look lighter than the ground cannot be had: nothing is absorbed', () => {
    const pale = { ...grey, hex: '#ffffff' };
    expect(lookOver(pale, grey.ground, 1).hex).toBe(lookOver(pale, grey.ground, 9).hex);
    expect(lookOver(pale, grey.ground, 4).deltaE).toBeGreaterThan(10);
  });
});
