import { breachesOf, quoteOf, type Budgets } from './budgets';

const budgets: Budgets = {
  labourMin: { used: 0, planned: 90, cap: 60 },
  materialsMinor: { used: 0, planned: 12345, cap: 0 },
  boothMin: { used: 0, planned: 30, cap: 30, nightsHeld: 0 },
};

test('a quote by hand: 1.5 h at 48.00, 123.45 of materials, half an hour of booth at 35.00, 20 % tax', () => {
  const quote = quoteOf(budgets, { labourRateMinorPerHour: 4800, boothRateMinorPerHour: 3500, taxBp: 2000 });
  expect(quote).toEqual({
    labourMinor: 7200,
    materialsMinor: 12345,
    boothMinor: 1750,
    netMinor: 21295,
    taxMinor: 4259,
    grossMinor: 25554,
  });
});

test('only a passed cap is a breach: not one that is met, not one that is not set', () => {
  expect(breachesOf(budgets)).toEqual([{ budget: 'labour', planned: 90, cap: 60 }]);
});
