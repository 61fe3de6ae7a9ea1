import { figuresFrom } from '../figures';
import { clearBudget } from './clear-budget';
import { gritTakesAt, gritTakesUm } from './grit-takes';
import { ladders, laddersAt } from './ladder';
import { repairCard } from './repair-cards';

const at = gritTakesAt(
  figuresFrom([
    { key: 'take.800', scope: 'job', of: '', value: 20 },
    { key: 'take.1500', scope: 'section', of: 'roof', value: 9 },
  ]),
  { section: 'roof' },
);

test('the nearest figure holds, the trade’s for the rest; a grit without a figure takes nothing', () => {
  expect([at(800), at(1500), at(1000), at('cut'), at(240)]).toEqual([20, 9, 8, 2, 0]);
  expect([gritTakesUm(600), gritTakesUm('polish')]).toEqual([17.5, 0.5]);
});

test('the trade’s sequences go by the figures, a sequence of the shop’s own as it was written', () => {
  const own = { ...ladders.discs, steps: [{ grit: 1500, removalUm: 4 }] };
  const all = laddersAt([own], at);
  expect(all.find((one) => one.key === 'discs')!.steps).toEqual([{ grit: 1500, removalUm: 4 }]);
  expect(all.find((one) => one.key === 'hand')!.steps[0]).toEqual({ grit: 800, removalUm: 20 });
});

test('800 that takes 20 µm instead of 12.5 raises the need of flats from 81.9 to 89.4 µm', () => {
  const budget = (takesUm: typeof at) =>
    clearBudget({
      ladder: laddersAt([], takesUm).find((one) => one.key === 'hand')!,
      coatUm: 30,
      levelMinimum: 0,
      productMinimum: 0,
    });
  const roof = gritTakesAt(figuresFrom([{ key: 'take.800', scope: 'job', of: '', value: 20 }]));
  // 12.5 + 8 + 5 + 2.5 + 1.25 + 0.65 + 2 + 0.5 + 0.5 = 32.9; 20 in place of 12.5 is 40.4.
  expect(budget(gritTakesUm).removedFlatUm).toBeCloseTo(32.9, 9);
  expect(budget(roof).removedFlatUm).toBeCloseTo(40.4, 9);
  // 45 + 40.4 + 4 = 89.4 is three coats of 30 on flats, as 81.9 is.
  expect([budget(gritTakesUm).flatCoats, budget(roof).flatCoats]).toEqual([3, 3]);
});

test('a repair is counted with the same grits: nib by 1500, 2000 and the pads', () => {
  const [usual, typed] = [repairCard('nib', ['clear']), repairCard('nib', ['clear'], at)];
  const sum = (card: typeof usual) => card.works.reduce((total, one) => total + one.takesUm, 0);
  const by1500 = usual.works.filter((one) => one.word === 'p1500').length;
  expect(sum(typed) - sum(usual)).toBeCloseTo(by1500 * 4, 9);
  expect(by1500).toBeGreaterThan(0);
});
