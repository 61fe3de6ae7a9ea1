import { minuteAt } from '../units';
import { backFrom, dayAfter, orderDay } from './lead-time';

const zone = 'Europe/London';
const shop = {
  timeZone: zone,
  shifts: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMin: 450, endMin: 990 })),
  // A Tuesday.
  closures: [{ date: '2026-12-01', reason: 'stocktaking' }],
};

test('three days from Friday 27 November: Monday by the calendar, Thursday by open days with the Tuesday closed', () => {
  expect(dayAfter(shop, '2026-11-27', 3, 'calendar')).toBe('2026-11-30');
  expect(dayAfter(shop, '2026-11-27', 3, 'open')).toBe('2026-12-03');
  expect(dayAfter(shop, '2026-11-27', 0, 'open')).toBe('2026-11-27');
});

test('needed on Thursday 3 December and three days away: order on Friday, by either count', () => {
  expect(orderDay(shop, '2026-12-03', 3, 'open')).toBe('2026-11-27');
  // By the calendar it would be Monday the 30th.
  expect(orderDay(shop, '2026-12-03', 3, 'calendar')).toBe('2026-11-30');
  // Five days back by the calendar is a Saturday; five open days back is the Wednesday before.
  expect(orderDay(shop, '2026-12-03', 5, 'calendar')).toBe('2026-11-27');
  expect(orderDay(shop, '2026-12-03', 5, 'open')).toBe('2026-11-25');
});

test('what left on Friday at two and takes two open days is back on Wednesday, at its hour or at ten', () => {
  const left = minuteAt('2026-11-27', 840, zone);
  expect(backFrom(shop, left, { days: 2, leadIn: 'open', backAt: null })).toBe(
    minuteAt('2026-12-02', 840, zone),
  );
  expect(backFrom(shop, left, { days: 2, leadIn: 'open', backAt: 600 })).toBe(
    minuteAt('2026-12-02', 600, zone),
  );
});

test('it is never back before it left; over the change of the clock a day keeps its hour', () => {
  const left = minuteAt('2026-11-27', 840, zone);
  expect(backFrom(shop, left, { days: 0, leadIn: 'calendar', backAt: 600 })).toBe(left);
  const spring = minuteAt('2027-03-27', 840, zone);
  expect(backFrom(shop, spring, { days: 1, leadIn: 'calendar', backAt: null })).toBe(spring + 1380);
});
