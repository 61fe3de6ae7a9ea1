import type { TypedFigure } from '../figures';
import { shopFigureFaults } from './figure-faults';

const figure = (scope: TypedFigure['scope'], of: string): TypedFigure => ({
  key: 'gun.speed',
  scope,
  of,
  value: 20,
});
const shop = { shelf: new Set(['clear-21']), people: [{ id: 'ines' }] };

test('a figure for a product or a painter that is there stands; for another it is refused with its place', () => {
  expect(
    shopFigureFaults([figure('product', 'clear-21'), figure('painter', 'ines')], shop, 'set.figures'),
  ).toEqual([]);
  expect(
    shopFigureFaults(
      [figure('shop', ''), figure('product', 'moon-dust'), figure('painter', 'nobody')],
      shop,
      'set.figures',
    ),
  ).toEqual([
    { place: 'set.figures[1].of', reason: 'no product moon-dust is on the shelf' },
    { place: 'set.figures[2].of', reason: 'nobody here has the id nobody' },
  ]);
});
