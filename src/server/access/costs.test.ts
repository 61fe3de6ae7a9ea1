import { mayAsk } from './costs';

test('a person asks for 1800 in a minute, and nobody else is shut out by it', async () => {
  // 179 comparisons at ten are 1790; ten pages more are 1800, the next is one too many.
  for (let i = 0; i < 179; i += 1) expect(await mayAsk('ann', 10)).toBe(true);
  expect(await mayAsk('ann', 10)).toBe(true);
  expect(await mayAsk('ann', 1)).toBe(false);
  expect(await mayAsk('bob', 1)).toBe(true);
});

test('the demo is one caller for many', async () => {
  for (let i = 0; i < 200; i += 1) expect(await mayAsk('demo', 10)).toBe(true);
});
