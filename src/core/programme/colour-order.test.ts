import { colourOrder, isByHand } from '.';

const of = (...list: [clock: string, rank: number][]) => list.map(([clock, rank]) => ({ clock, rank }));
const order = (list: ReturnType<typeof of>, byHand: string[]) =>
  colourOrder(list, byHand).map((one) => one.clock);

test('from the top down by rank, equals as they are given', () => {
  expect(order(of(['sides', 2], ['roof', 1], ['ends', 2], ['stripe', 3]), [])).toEqual([
    'roof',
    'sides',
    'ends',
    'stripe',
  ]);
});

test('the manager’s order stands; clocks of other bodies in it say nothing, and what it leaves out comes behind', () => {
  const list = of(['sides', 2], ['roof', 1], ['ends', 2]);
  expect(order(list, ['ends', 'elsewhere', 'roof'])).toEqual(['ends', 'roof', 'sides']);
  expect([isByHand(['ends', 'roof'], 'ends', 'roof'), isByHand(['ends'], 'ends', 'roof')]).toEqual([
    true,
    false,
  ]);
});
