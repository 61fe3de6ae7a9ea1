import { columnOf, intoOpenHours, minuteOf, stackRows, type DayColumn } from './time-axis';

const day = (i: number, open: boolean): DayColumn => ({
  from: i * 1440,
  to: (i + 1) * 1440,
  open: open ? { from: i * 1440 + 450, to: i * 1440 + 990 } : null,
});
const days = [day(0, true), day(1, false), day(2, true)];

test('opening, noon of the shift and closing lie at 6, 50 and 94 % of a day; a closed day is even', () => {
  expect(columnOf(days, 450)).toBeCloseTo(0.06);
  expect(columnOf(days, 720)).toBeCloseTo(0.5);
  expect(columnOf(days, 990)).toBeCloseTo(0.94);
  expect(columnOf(days, 1440 + 720)).toBeCloseTo(1.5);
});

test('the axis never runs backwards and is held at its ends', () => {
  let last = -1;
  for (let minute = -100; minute < 3 * 1440 + 100; minute += 7) {
    const column = columnOf(days, minute);
    expect(column).toBeGreaterThanOrEqual(last);
    last = column;
  }
  expect(columnOf(days, -5)).toBe(0);
  expect(columnOf(days, 9999)).toBe(3);
});

test('blocks that overlap get rows of their own, those that follow share one', () => {
  const blocks = [
    { start: 0, end: 10 },
    { start: 5, end: 8 },
    { start: 10, end: 12 },
    { start: 8, end: 20 },
  ];
  expect(stackRows(blocks)).toEqual({ rows: [0, 1, 0, 1], count: 2 });
});

test('where a block is let go is the minute that is drawn there, to a minute, day and night', () => {
  for (let minute = 0; minute < 3 * 1440; minute += 13)
    expect(Math.abs(minuteOf(days, columnOf(days, minute)) - minute)).toBeLessThan(1);
  expect(minuteOf(days, -1)).toBe(0);
  expect(minuteOf(days, 99)).toBeCloseTo(3 * 1440, 3);
});

test('a minute before opening, after closing or on a closed day goes to the next opening', () => {
  expect([300, 720, 1000, 2000].map((minute) => intoOpenHours(days, minute))).toEqual([
    450,
    720,
    2 * 1440 + 450,
    2 * 1440 + 450,
  ]);
});
