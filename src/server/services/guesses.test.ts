import { mayLookUp, noteLook } from './guesses';

test('after two hundred that opened nothing only links that are known are looked up, until a minute has passed', () => {
  const began = 1_000_000;
  expect(mayLookUp('one', began)).toBe(true);
  noteLook('known', true);
  for (let i = 0; i < 199; i += 1) noteLook(String(i), false);
  expect(mayLookUp('other', began + 10)).toBe(true);
  noteLook('200th', false);
  expect(mayLookUp('other', began + 20)).toBe(false);
  expect(mayLookUp('known', began + 20)).toBe(true);
  expect(mayLookUp('other', began + 60_001)).toBe(true);
});
