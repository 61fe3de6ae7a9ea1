import fc from 'fast-check';
import { groundAdvice, type Ground } from './ground';

const grey = (l: number): Ground => ({ name: `grey ${l}`, l, hex: null });
const base = { family: 'base' as const, product: 'base-solid', coatUm: 15, planned: 3 };

describe('ground advice', () => {
  test('a dense dark green is hidden in two or three coats over anything and wants a darker sealer than white', () => {
    const advice = groundAdvice({ ...base, hex: '#2f5d50' }, [grey(55), grey(92)])!;
    expect(advice.covers).toBe('well');
    expect(advice.rows.every((row) => row.hidden && row.extra === 0)).toBe(true);
    expect(advice.best.l).toBeLessThan(80);
    expect(advice.matchDeltaE!).toBeLessThan(1);
  });

  test('a pale colour over dark asks for more coats than over white, and its best sealer is white', () => {
    const dark = { name: 'a strip of green', l: null, hex: '#2f5d50' };
    const advice = groundAdvice({ ...base, hex: '#e6d9b0' }, [grey(92), dark])!;
    const [white, strip] = advice.rows;
    expect(strip!.coats!).toBeGreaterThan(white!.coats!);
    expect(strip!.extra).toBe(strip!.coats! - 3);
    expect(strip!.hidden).toBe(false);
    expect(advice.best.l).toBe(92);
  });

  test('a bright yellow covers poorly, a pearl hides nothing, a candy is never asked about', () => {
    expect(groundAdvice({ ...base, hex: '#f0c810' }, [grey(55)])!.covers).toBe('poorly');
    const effect = { ...base, family: 'effect-base' as const, coatUm: 12 };
    const pearl = groundAdvice({ ...effect, product: 'base-pearl', hex: '#dddddd' }, [grey(20)])!;
    expect(pearl.rows[0]).toMatchObject({ coats: null, extra: null, hidden: false });
    expect(pearl.matchDeltaE).toBeNull();
    const candy = groundAdvice({ ...base, family: 'candy', product: 'candy-mid', hex: '#802020' }, [
      grey(55),
    ])!;
    expect(candy).toMatchObject({ covers: 'never', steps: [] });
    expect(
      groundAdvice({ ...base, family: 'clear', product: 'clear-21', hex: '#ffffff' }, [grey(55)]),
    ).toBeNull();
  });

  test('what shows grows less with every coat, whatever the colour and the grey under it', () => {
    const hex = fc
      .tuple(...[0, 1, 2].map(() => fc.integer({ min: 0, max: 255 })))
      .map((rgb) => `#${rgb.map((value) => value!.toString(16).padStart(2, '0')).join('')}`);
    fc.assert(
      fc.property(hex, fc.constantFrom(20, 50, 92), (colour, l) => {
        const { steps } = groundAdvice({ ...base, hex: colour }, [grey(l)])!;
        expect(steps).toHaveLength(12);
        steps.slice(1).forEach((value, i) => expect(value).toBeLessThanOrEqual(steps[i]! + 0.25));
        expect(steps.at(-1)!).toBeLessThanOrEqual(steps[0]! + 1e-9);
      }),
      { numRuns: 12 },
    );
  });
});
