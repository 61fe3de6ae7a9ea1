import fc from 'fast-check';
import { potsOf, type SprayedCoat } from './pots';

const coat = (from: number, minutes: number, litres: number): SprayedCoat => ({
  from,
  to: from + minutes,
  litres,
});

test('two coats of 30 min with 20 min of flash between: a life of 80 min holds both, of 79 min not', () => {
  const coats = [coat(0, 30, 1.5), coat(50, 30, 1.5)];
  expect(potsOf(coats, 5, 80)).toEqual([{ from: 0, to: 80, litres: expect.closeTo(3, 9) }]);
  const short = potsOf(coats, 5, 79);
  // The last minute of the second coat, 0.05 L, comes from a fresh pot.
  expect(short).toHaveLength(2);
  expect(short[0]).toMatchObject({ from: 0, litres: expect.closeTo(2.95, 9) });
  expect(short[1]).toMatchObject({ from: 79, litres: expect.closeTo(0.05, 9) });
});

test('what dies in the flash is mixed anew for the next coat', () => {
  const pots = potsOf([coat(0, 30, 1), coat(60, 30, 1), coat(120, 30, 1)], 5, 45);
  expect(pots.map((pot) => pot.from)).toEqual([0, 60, 120]);
});

test('the cup and its refills end a pot too: 6 L at 2 L a pot are three, one after the other', () => {
  const pots = potsOf([coat(0, 60, 6)], 2, null);
  expect(pots.map((pot) => [pot.from, Math.round(pot.to)])).toEqual([
    [0, 20],
    [20, 40],
    [40, 60],
  ]);
});

test('nothing is used past its life, nothing is lost, and a longer life never needs more pots', () => {
  const coats = fc.array(
    fc.record({
      gap: fc.nat(60),
      minutes: fc.integer({ min: 1, max: 90 }),
      litres: fc.double({ min: 0.05, max: 6, noNaN: true }),
    }),
    { minLength: 1, maxLength: 6 },
  );
  fc.assert(
    fc.property(
      coats,
      fc.integer({ min: 5, max: 240 }),
      fc.double({ min: 0.2, max: 5, noNaN: true }),
      (list, life, limit) => {
        let at = 0;
        const sprayed = list.map(({ gap, minutes, litres }) => {
          const one = coat(at + gap, minutes, litres);
          at = one.to;
          return one;
        });
        const pots = potsOf(sprayed, limit, life);
        const laid = list.reduce((sum, one) => sum + one.litres, 0);
        expect(pots.reduce((sum, pot) => sum + pot.litres, 0)).toBeCloseTo(laid, 6);
        for (const pot of pots) {
          expect(pot.to - pot.from).toBeLessThanOrEqual(life + 1e-6);
          expect(pot.litres).toBeLessThanOrEqual(limit + 1e-6);
        }
        expect(potsOf(sprayed, limit, life + 30).length).toBeLessThanOrEqual(pots.length);
      },
    ),
    { numRuns: 200 },
  );
});
