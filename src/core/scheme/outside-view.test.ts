import { outsideView } from '.';

const strip = (key: string) => outsideView({ key, lengthM: 5, heightM: 2 });

test.each([
  ['left', 'left', 1],
  ['right', 'right', 4],
  ['front', 'right', 4],
  ['rear', 'left', 1],
  ['top', 'left', 1],
  ['G1', 'right', 4],
])('%s is seen with its first end at the %s', (key, frontAt, x) => {
  const view = strip(key);
  expect(view.frontAt).toBe(frontAt);
  // A metre from its first end, half a metre up.
  expect(view.toView([1, 0.5])).toEqual([x, 1.5]);
});
