import fc from 'fast-check';
import { hidingOver, groundAdvice, type Ground } from './ground';

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

describe('what a card has shown', () => {
  const laid = { family: 'base' as const, product: 'base-solid', hex: '#e6d9b4', coatUm: 15, planned: 3 };
  const grey = { key: 'sealer-grey', name: 'Sealer, grey', l: 50, hex: null };

  test('hidden at 60 µm is four coats of 15, whatever the spectrum says; three leave something to see', () => {
    const row = hidingOver({ ...laid, hides: [{ over: 'sealer-grey', um: 60 }] }, grey)!;
    expect(row).toMatchObject({ coats: 4, extra: 1, hidden: false, typedUm: 60 });
    expect(row.leftAfter).toBeGreaterThanOrEqual(1);
    const four = hidingOver({ ...laid, planned: 4, hides: [{ over: 'sealer-grey', um: 60 }] }, grey)!;
    expect(four).toMatchObject({ coats: 4, extra: 0, hidden: true, leftAfter: 0 });
  });

  test('a coat more for the least film more: 45 µm are three coats, 45.1 are four', () => {
    const coats = (um: number) => hidingOver({ ...laid, hides: [{ over: 'sealer-grey', um }] }, grey)!.coats;
    expect([coats(45), coats(45.1), coats(1)]).toEqual([3, 4, 1]);
  });

  test('its own ground stands before any; over another ground, and untyped, the spectrum tells', () => {
    const hides = [
      { over: '', um: 30 },
      { over: 'sealer-grey', um: 75 },
    ];
    const white = { key: 'sealer-white', name: 'Sealer, white', l: 92, hex: null };
    expect(hidingOver({ ...laid, hides }, grey)!.coats).toBe(5);
    expect(hidingOver({ ...laid, hides }, white)!.coats).toBe(2);
    const only = hidingOver({ ...laid, hides: [{ over: 'sealer-grey', um: 75 }] }, white)!;
    expect(only).toEqual(hidingOver(laid, white));
    expect(only.typedUm).toBeNull();
  });
});
