import { boothWeeks } from './booth-hours';
import type { Plan } from '../plan/model';
import { minuteAt } from '../units';

const zone = 'Europe/London';
const at = (date: string, hour: number) => minuteAt(date, hour * 60, zone);
const shop = { timeZone: zone, boothRateMinorPerHour: 3500 };
// Open Wednesday to Friday 8–16, and the Monday after.
const open = ['2026-12-02', '2026-12-03', '2026-12-04', '2026-12-07'].map((day) => ({
  from: at(day, 8),
  to: at(day, 16),
}));
type Of = Pick<Plan, 'steps' | 'stays'>;
const plan = (steps: object[], stays: object[]) => ({ steps, stays }) as unknown as Of;
const step = (from: number, to: number, more: object = {}) => ({
  start: from,
  end: to,
  kind: 'contiguous',
  crew: 1,
  uses: ['ines', 'booth'],
  ...more,
});

describe('hours of a booth by week, worked by hand', () => {
  // Thursday 8–10 loading and wiping, 10–11 a coat of two painters at once, flash to noon; held to Friday 9.
  const thursday = plan(
    [
      step(at('2026-12-03', 8), at('2026-12-03', 10)),
      step(at('2026-12-03', 10), at('2026-12-03', 11)),
      step(at('2026-12-03', 10), at('2026-12-03', 11)),
      step(at('2026-12-03', 11), at('2026-12-03', 12), { kind: 'passive', crew: 0 }),
      step(at('2026-12-03', 12), at('2026-12-03', 16), { uses: ['dot', 'bay-1'] }),
    ],
    [
      { place: 'booth', start: at('2026-12-03', 8), end: at('2026-12-04', 9) },
      { place: 'bay-1', start: at('2026-12-04', 9), end: at('2026-12-04', 16) },
    ],
  );

  test('worked, held and empty are the open hours, from now on; empty ones are priced', () => {
    const [first, second] = boothWeeks([thursday], ['booth'], open, shop, at('2026-12-02', 12), 2);
    // Wednesday 12–16 is 4 h, Thursday 8, Friday 8: 20 open. Worked 3. Held: Thursday 5, Friday 1. Empty 4 + 7 = 11.
    expect(first).toEqual({
      place: 'booth',
      from: at('2026-12-02', 12),
      to: at('2026-12-07', 0),
      openMin: 1200,
      workedMin: 180,
      heldMin: 360,
      emptyMin: 660,
      emptyMinor: 38500,
    });
    expect(second).toMatchObject({
      openMin: 480,
      workedMin: 0,
      heldMin: 0,
      emptyMin: 480,
      emptyMinor: 28000,
    });
  });

  test('other jobs take hours too, and hours that two hold are not counted twice', () => {
    const other = plan([], [{ place: 'booth', start: at('2026-12-03', 14), end: at('2026-12-04', 12) }]);
    const [first] = boothWeeks([thursday, other], ['booth'], open, shop, at('2026-12-02', 12), 1);
    // Friday is held to noon: three more hours than before.
    expect(first).toMatchObject({ workedMin: 180, heldMin: 540, emptyMin: 480 });
  });

  test('a week without opening hours has nothing to sell', () => {
    const [week] = boothWeeks([], ['booth'], [], shop, at('2026-12-02', 12), 1);
    expect(week).toMatchObject({ openMin: 0, emptyMin: 0, emptyMinor: 0 });
  });

  test('each booth has its own weeks, and a shop without a booth has none', () => {
    expect(boothWeeks([thursday], ['booth', 'small'], open, shop, at('2026-12-02', 12), 1)).toHaveLength(2);
    expect(boothWeeks([thursday], [], open, shop, at('2026-12-02', 12), 1)).toEqual([]);
  });
});
