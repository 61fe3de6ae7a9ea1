import { catalogueWith } from '../steps';
import { oldTape as oldTapeBy } from './tape';

const oldTape = (steps: Parameters<typeof oldTapeBy>[0]) => oldTapeBy(steps, catalogueWith([]), 14);

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

test('the masks of the priming and of shut insides age too, each to its own pull', () => {
  const shut = [step('mask-shut', 0, day), step('unmask', 20 * day, 20 * day)];
  expect(oldTape(shut)).toEqual([{ section: 'shell', days: 20, ratedDays: 14 }]);
  const primed = [
    step('mask-kept', 0, day),
    step('unmask-kept', 10 * day, 11 * day),
    step('unmask', 40 * day, 41 * day),
  ];
  expect(oldTape(primed)).toEqual([]);
});
