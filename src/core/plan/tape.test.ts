import { oldTape } from './tape';

const day = 1440;
const step = (operation: string, start: number, end: number, over = {}) => ({
  operation,
  sections: ['shell'],
  start,
  end,
  skipped: false,
  ...over,
});

test('tape on for fifteen days is old, for fourteen it is not', () => {
  expect(oldTape([step('mask', 0, day), step('unmask', 14 * day, 14 * day + 1)])).toEqual([
    { section: 'shell', days: 15, ratedDays: 14 },
  ]);
  expect(oldTape([step('mask', 0, day), step('unmask', 13 * day, 14 * day)])).toEqual([]);
});

test('tape of another section, an earlier pull and what is left out do not count', () => {
  const late = step('unmask', 30 * day, 31 * day);
  expect(oldTape([step('mask', 0, day, { sections: ['roof'] }), late])).toEqual([]);
  expect(oldTape([step('mask', 0, day), { ...late, skipped: true }])).toEqual([]);
  expect(oldTape([step('mask', 40 * day, 41 * day), late])).toEqual([]);
});

test('covers of an airframe age like tape, and wet pulls end it too', () => {
  expect(oldTape([step('mask-skin', 0, day), step('unmask-wet', 20 * day, 20 * day)])).toHaveLength(1);
});
