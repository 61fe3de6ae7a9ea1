import fc from 'fast-check';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { partsOfJob } from '../survey';
import { crewMinutes } from '../steps/labour';
import { litresOf } from '../steps/session';
import type { Step } from '../steps';
import { sessionNeeds } from '../stores';
import { figuresFrom, type FigureKey, type TypedFigure } from '.';

const shelf = shelfOf(standardShelf);
const base = shelf.get('base-solid')!;
const [panel] = partsOfJob(jobFixture({}));
const flat = { ...panel!, shape: 'flat' as const, outsideM2: 10, insideM2: 0 };
const typed = (list: Partial<Record<FigureKey, number>>) =>
  figuresFrom(
    Object.entries(list).map(([key, value]) => ({ key, scope: 'shop', of: '', value }) as TypedFigure),
  );

test('10 m² of base of 14 µm at 22.5 % solids: 0.957 L with 0.65 of it on the panel, 1.131 L with 0.55', () => {
  // 10 × 14 / (1000 × 0.225 × 0.65) and the same with 0.55.
  expect(litresOf(base, [flat], 'outside')).toBeCloseTo(0.957265, 6);
  expect(litresOf(base, [flat], 'outside', typed({ 'transfer.flat': 0.55 }))).toBeCloseTo(1.131313, 6);
});

test('typed for one panel and one product it holds there alone', () => {
  const other = { ...flat, key: 'other' };
  const figures = figuresFrom([
    { key: 'transfer.flat', scope: 'panel', of: 'other', value: 0.325 },
    { key: 'transfer.flat', scope: 'product', of: 'clear-21', value: 0.325 },
  ]);
  // Half of it stays: twice as much is needed.
  expect(litresOf(base, [flat, other], 'outside', figures)).toBeCloseTo(3 * 0.957265, 5);
  const clear = shelf.get('clear-21')!;
  expect(litresOf(clear, [flat], 'outside', figures)).toBeCloseTo(2 * litresOf(clear, [flat], 'outside'), 9);
});

describe('mixing', () => {
  const coat = (litres: number): Step =>
    ({ key: 'a', coat: { session: 's', product: 'base-solid', litres } }) as Partial<Step> as Step;
  const readyL = (list: Partial<Record<FigureKey, number>>) =>
    sessionNeeds([coat(2)], shelf, { airOf: () => 20, figures: typed(list) })[0]!.readyL;

  test('2 L net: 2.2 with the reserve, 0.05 for the batch and 0.15 for the session', () => {
    expect(readyL({})).toBeCloseTo(2.4, 9);
  });

  test('without reserve and losses it is what goes on, to the drop', () => {
    expect(readyL({ 'mix.reserve': 0, 'mix.batch-loss': 0, 'mix.session-loss': 0 })).toBe(2);
  });

  test('a cup of 0.5 L filled twice makes three batches of 2.2 L: 0.10 L more is lost', () => {
    expect(readyL({ 'mix.cup': 0.5, 'mix.fills': 2 })).toBeCloseTo(2.2 + 3 * 0.05 + 0.15, 9);
  });
});

test('1000 person-minutes of two at nine tenths of their pace take 556 minutes, not 527', () => {
  expect(crewMinutes(1000, 2, typed({}))).toBe(527);
  expect(crewMinutes(1000, 2, typed({ 'crew.two': 0.9 }))).toBe(556);
});

test('more that stays on the panel never needs more litres', () => {
  const share = fc.double({ min: 0.1, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      share,
      share,
      fc.constantFrom('flat', 'curved', 'beaded', 'riveted', 'tube'),
      (a, b, shape) => {
        const [less, more] = a < b ? [a, b] : [b, a];
        const key = `transfer.${shape}` as FigureKey;
        const parts = [{ ...flat, shape }];
        expect(litresOf(base, parts, 'outside', typed({ [key]: more }))).toBeLessThanOrEqual(
          litresOf(base, parts, 'outside', typed({ [key]: less })) + 1e-12,
        );
      },
    ),
  );
});
