import fc from 'fast-check';
import { bestGrey, coatsToHide, greyGround, showThrough } from './hiding';
import {
  filmAtFull,
  insideOf,
  mixFilms,
  ratioOf,
  reflectanceAtFull,
  reflectanceOver,
  seenOf,
  type Film,
} from './kubelka-munk';
import { deltaE00, labOf, labOfHex, labOfSpectrum, xyzOfLab } from './lab';
import { bandsNm, tableWhite, xyzOf } from './observer';
import { recipeFor } from './recipe';
import { smoothSpectrum } from './smooth-spectrum';
import { effectFilms, toners } from './toners';

const flat = (value: number) => bandsNm.map(() => value);

describe('observer and L*a*b*', () => {
  test('the perfect reflector is L* 100, a* 0, b* 0, and its tristimulus values are the white', () => {
    expect(xyzOf(flat(1))).toEqual({
      x: expect.closeTo(94.811, 9),
      y: expect.closeTo(100, 9),
      z: expect.closeTo(107.304, 9),
    });
    const { l, a, b } = labOfSpectrum(flat(1));
    expect([l, a, b].map((value) => Math.abs(value - (value > 50 ? 100 : 0)) < 1e-9)).toEqual([
      true,
      true,
      true,
    ]);
  });

  test('the tables of illuminant and observer give the published white by plain sums, to a tenth', () => {
    expect(Math.abs(tableWhite.x - 94.811)).toBeLessThan(0.1);
    expect(Math.abs(tableWhite.z - 107.304)).toBeLessThan(0.1);
  });

  test('a grey of 18.42 % is L* 50, and L*a*b* goes there and back', () => {
    expect(labOfSpectrum(flat(0.18418)).l).toBeCloseTo(50, 2);
    const lab = { l: 42.5, a: -18, b: 31 };
    const back = labOf(xyzOfLab(lab));
    expect([back.l, back.a, back.b]).toEqual([
      expect.closeTo(42.5, 9),
      expect.closeTo(-18, 9),
      expect.closeTo(31, 9),
    ]);
  });

  test('screen colours: black, white, #777777 at L* 50.03 and pure green at L* 87.7, a* −86.2, b* 83.2 (published)', () => {
    expect(labOfHex('#000000').l).toBeCloseTo(0, 6);
    expect(labOfHex('#ffffff').l).toBeCloseTo(100, 3);
    expect(labOfHex('#777777').l).toBeCloseTo(50.03, 1);
    const green = labOfHex('#00ff00');
    expect([green.l, green.a, green.b]).toEqual([
      expect.closeTo(87.73, 1),
      expect.closeTo(-86.18, 1),
      expect.closeTo(83.18, 1),
    ]);
  });

  // Pairs of Sharma, Wu and Dalal, "The CIEDE2000 color-difference formula", 2005.
  test.each([
    [{ l: 50, a: 2.6772, b: -79.7751 }, { l: 50, a: 0, b: -82.7485 }, 2.0425],
    [{ l: 50, a: 2.5, b: 0 }, { l: 73, a: 25, b: -18 }, 27.1492],
    [{ l: 60.2574, a: -34.0099, b: 36.2677 }, { l: 60.4626, a: -34.1751, b: 39.4387 }, 1.2644],
    [{ l: 2.0776, a: 0.0795, b: -1.135 }, { l: 0.9033, a: -0.0636, b: -0.5514 }, 0.9082],
  ])('ΔE00 of a published pair', (one, other, expected) => {
    expect(deltaE00(one, other)).toBeCloseTo(expected, 4);
  });
});

describe('Kubelka and Munk', () => {
  test('without absorption a film over black gives SX/(1 + SX): SX 1 is a half, SX 4 is 0.8', () => {
    expect(reflectanceOver(0, 0.1, 10, 0)).toBeCloseTo(0.5, 9);
    expect(reflectanceOver(0, 0.4, 10, 0)).toBeCloseTo(0.8, 9);
  });

  test('without scattering light is only absorbed, down and up: K 0.1, 5 µm over 0.6 is 0.6·e⁻¹', () => {
    expect(reflectanceOver(0.1, 0, 5, 0.6)).toBeCloseTo(0.6 * Math.exp(-1), 9);
  });

  test('K/S 1 hides at 2 − √3 = 0.2679, and (1 − R)²/2R leads back to 1', () => {
    expect(reflectanceAtFull(0.2, 0.2)).toBeCloseTo(2 - Math.sqrt(3), 9);
    expect(ratioOf(2 - Math.sqrt(3))).toBeCloseTo(1, 9);
    expect(reflectanceOver(0.2, 0.2, 200, 0.9)).toBeCloseTo(2 - Math.sqrt(3), 6);
  });

  test('K 0.02, S 0.1, 10 µm over 0.5: a 1.2, b 0.66332, b·coth(0.66332) 1.14256, R 0.50733 by hand', () => {
    // tanh 0.66332 = 0.58064; b·coth = 0.66332/0.58064 = 1.14240. R = (1 − 0.5·(1.2 − 1.1424))/(1.2 − 0.5 + 1.1424).
    expect(reflectanceOver(0.02, 0.1, 10, 0.5)).toBeCloseTo((1 - 0.5 * 0.0576) / 1.8424, 3);
  });

  test('the surface gives black 0.04 and white 1, and the inside is found again', () => {
    expect(seenOf(0)).toBeCloseTo(0.04, 9);
    expect(seenOf(1)).toBeCloseTo(1, 9);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (r) => {
        expect(insideOf(seenOf(r))).toBeCloseTo(r, 9);
      }),
    );
  });

  test('a thicker film is never further from its full colour, over any ground', () => {
    const value = fc.double({ min: 0.001, max: 0.5, noNaN: true });
    fc.assert(
      fc.property(value, value, fc.double({ min: 0, max: 1, noNaN: true }), (k, s, ground) => {
        const full = reflectanceAtFull(k, s);
        const off = (um: number) => Math.abs(reflectanceOver(k, s, um, ground) - full);
        expect(off(20)).toBeLessThanOrEqual(off(10) + 1e-9);
        expect(off(0)).toBeCloseTo(Math.abs(ground - full), 9);
      }),
    );
  });

  test('mixtures add up: half and half of two films is the mean of their K and S', () => {
    const one: Film = { k: flat(0.1), s: flat(0.02) };
    const other: Film = { k: flat(0.3), s: flat(0.06) };
    const mixed = mixFilms([one, other], [0.5, 0.5], 0.5);
    expect(mixed.k[7]).toBeCloseTo(0.1, 12);
    expect(mixed.s[7]).toBeCloseTo(0.02, 12);
  });
});

describe('recipes and hiding', () => {
  const bench = toners.map((one) => one.film);

  test('a reading of a mixture of the bench is found again to less than half a ΔE00', () => {
    for (const shares of [
      [0.7, 0.05, 0.25],
      [0.2, 0, 0, 0.5, 0.3],
      [0.5, 0.02, 0, 0, 0, 0, 0.2, 0.28],
    ]) {
      const all = bench.map((_, i) => shares[i] ?? 0);
      const reading = filmAtFull(mixFilms(bench, all)).map(seenOf);
      const recipe = recipeFor(reading, bench);
      expect(recipe.deltaE).toBeLessThan(0.5);
      expect(recipe.shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
      expect(Math.min(...recipe.shares)).toBeGreaterThanOrEqual(0);
    }
  });

  test('the smoothest reflectance of a colour has that colour', () => {
    const lab = { l: 60, a: -20, b: 25 };
    expect(deltaE00(labOfSpectrum(smoothSpectrum(lab)), lab)).toBeLessThan(0.01);
    const greySpectrum = smoothSpectrum({ l: 50, a: 0, b: 0 });
    expect(Math.max(...greySpectrum) - Math.min(...greySpectrum)).toBeLessThan(1e-6);
  });

  test('black hides white in one coat, white needs more over black than over white, pearl never hides', () => {
    const [whiteFilm, blackFilm] = [bench[0]!, bench[1]!];
    expect(coatsToHide(blackFilm, 15, greyGround(92))).toBe(1);
    expect(coatsToHide(whiteFilm, 15, greyGround(20))!).toBeGreaterThan(
      coatsToHide(whiteFilm, 15, greyGround(92))!,
    );
    expect(coatsToHide(effectFilms.pearl, 12, greyGround(20))).toBeNull();
    expect(bestGrey(whiteFilm, 15, 2).l).toBe(92);
  });

  test('a ground of the film’s own colour shows nothing from the first coat on', () => {
    const film = bench[2]!;
    expect(Math.max(...showThrough(film, 15, filmAtFull(film), 3))).toBeLessThan(1e-6);
  });

  test('a grey ground has the lightness it was asked for', () => {
    for (const l of [30, 50, 80]) expect(labOfSpectrum(greyGround(l).map(seenOf)).l).toBeCloseTo(l, 6);
  });
});
