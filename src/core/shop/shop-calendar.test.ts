import { minuteAt } from '../units';
import { openStretches, personStretches } from './shop-calendar';
import type { Shop } from './shop';

const shop = {
  timeZone: 'Europe/London',
  shifts: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMin: 450, endMin: 990 })),
  closures: [{ date: '2026-12-25', reason: 'holiday' }],
} as Shop;
const at = (date: string, minute: number) => minuteAt(date, minute, 'Europe/London');

test('a week with a closed Friday has four shifts of nine hours and none at the weekend', () => {
  const open = openStretches(shop, '2026-12-21', 7);
  expect(open).toHaveLength(4);
  expect(open[3]).toEqual({ from: at('2026-12-24', 450), to: at('2026-12-24', 990) });
});

test('a shift on the day the clocks change starts at 07:30 by the wall', () => {
  const sundays = { ...shop, shifts: [{ weekday: 7, startMin: 0, endMin: 990 }] };
  const [sunday] = openStretches(sundays, '2027-03-28', 1);
  expect(sunday!.to - sunday!.from).toBe(990 - 60);
});

test('days off are inclusive at both ends', () => {
  const open = openStretches(shop, '2026-12-07', 5);
  const hers = personStretches(
    open,
    { daysOff: [{ from: '2026-12-08', to: '2026-12-09', reason: 'leave' }], hours: null },
    shop.timeZone,
  );
  expect(hers.map((one) => one.from)).toEqual([
    at('2026-12-07', 450),
    at('2026-12-10', 450),
    at('2026-12-11', 450),
  ]);
});
