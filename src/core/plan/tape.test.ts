import { figuresFrom, usualFigures } from '../figures';
import { catalogueWith } from '../steps';
import { oldTape as oldTapeBy } from './tape';
import { tapeRating } from './tape-rating';

const oldTape = (steps: Parameters<typeof oldTapeBy>[0]) => oldTapeBy(steps, catalogueWith([]), () => 14);

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

describe('tape outdoors', () => {
  const yard = {
    id: 'yard',
    name: 'Yard',
    kind: 'yard' as const,
    lengthM: 20,
    widthM: 10,
    heightM: 10,
    airC: 18,
    profile: null,
    forecast: [],
    zone: null,
    airWith: [],
    outdoors: true,
    closed: [],
    rented: null,
  };
  const standing = (sections: string[], start: number, end: number) => ({
    sections,
    start,
    end,
    hold: null,
    place: 'yard',
    uses: ['yard'],
  });
  const mask = { sections: ['shell'], start: 0, end: day };
  const rated = (steps: ReturnType<typeof standing>[], figures = usualFigures) =>
    tapeRating({ steps, stays: [] }, { places: [yard] }, figures);

  test('what stands in the sun while it is on halves its fourteen days; before it, after it and elsewhere do not', () => {
    expect(rated([standing(['shell'], 2 * day, 3 * day)])(mask, 10 * day)).toBe(7);
    expect(rated([standing(['shell'], 11 * day, 12 * day)])(mask, 10 * day)).toBe(14);
    expect(rated([standing(['roof'], 2 * day, 3 * day)])(mask, 10 * day)).toBe(14);
    expect(rated([])(mask, 10 * day)).toBe(14);
  });

  test('a shop’s tape of thirty days that loses a third in the sun holds for twenty', () => {
    const figures = figuresFrom([
      { key: 'tape.days', scope: 'shop', of: '', value: 30 },
      { key: 'tape.sun', scope: 'shop', of: '', value: 2 / 3 },
    ]);
    expect(rated([standing(['shell'], 2 * day, 3 * day)], figures)(mask, 10 * day)).toBe(20);
  });
});
