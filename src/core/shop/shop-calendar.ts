import { joinStretches, subtractStretches, type Stretch } from '../schedule/stretches';
import { addDays, minuteAt, weekdayOf, type LocalDate } from '../units';
import type { DaysOff, Shop } from './shop';

/**
 * The shop's opening hours as absolute stretches, from local dates in its own time zone, closures left out.
 * @param from first local day   @param days how many days
 */
export function openStretches(shop: Shop, from: LocalDate, days: number): Stretch[] {
  const closed = new Set(shop.closures.map((closure) => closure.date));
  const open: Stretch[] = [];
  for (let i = 0; i < days; i += 1) {
    const date = addDays(from, i);
    if (closed.has(date)) continue;
    const weekday = weekdayOf(date);
    for (const shift of shop.shifts)
      if (shift.weekday === weekday)
        open.push({
          from: minuteAt(date, shift.startMin, shop.timeZone),
          to: minuteAt(date, shift.endMin, shop.timeZone),
        });
  }
  return joinStretches(open);
}

/** A person's hours: the shop's, less the days away. */
export function personStretches(
  open: readonly Stretch[],
  daysOff: readonly DaysOff[],
  timeZone: string,
): Stretch[] {
  const away = daysOff.map((off) => ({
    from: minuteAt(off.from, 0, timeZone),
    to: minuteAt(addDays(off.to, 1), 0, timeZone),
  }));
  return subtractStretches(open, joinStretches(away));
}
