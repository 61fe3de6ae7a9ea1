import { LRUCache } from 'lru-cache';
import { intersectStretches, joinStretches, subtractStretches, type Stretch } from '../schedule/stretches';
import { addDays, daysBetween, localDateOf, minuteAt, weekdayOf, type LocalDate } from '../units';
import type { Person, Shift, Shop } from './shop';

/**
 * The shop's opening hours as absolute stretches, from local dates in its own time zone, closures left out.
 * @param from first local day   @param days how many days
 */
export function openStretches(shop: Shop, from: LocalDate, days: number): Stretch[] {
  const key = JSON.stringify([shop.shifts, shop.closures, shop.timeZone, from, days]);
  const known = asked.get(key) ?? layOut(shop, from, days);
  asked.set(key, known);
  return known;
}

/** Plans of one shop ask for the same days again and again; the last few are kept. */
const asked = new LRUCache<string, Stretch[]>({ max: 8 });

function layOut(
  shop: Pick<Shop, 'shifts' | 'closures' | 'timeZone'>,
  from: LocalDate,
  days: number,
): Stretch[] {
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

const longestClosureDays = 60;

/** Whether the shop works on a day at all. */
export const isOpenDay = (shop: Pick<Shop, 'shifts' | 'closures'>, date: LocalDate): boolean =>
  shop.shifts.some((shift) => shift.weekday === weekdayOf(date)) &&
  !shop.closures.some((closure) => closure.date === date);

/** The day itself if the shop opens on it, else the last day before on which it does. */
export function lastOpenDay(shop: Pick<Shop, 'shifts' | 'closures'>, date: LocalDate): LocalDate {
  for (let back = 0; back <= longestClosureDays; back += 1) {
    const day = addDays(date, -back);
    if (isOpenDay(shop, day)) return day;
  }
  return date;
}

/** A person's hours: the shop's, or those of one's own within them, less the days away. */
export function personStretches(
  open: readonly Stretch[],
  { daysOff, hours }: Pick<Person, 'daysOff' | 'hours'>,
  timeZone: string,
): Stretch[] {
  const away = daysOff.map((off) => ({
    from: minuteAt(off.from, 0, timeZone),
    to: minuteAt(addDays(off.to, 1), 0, timeZone),
  }));
  const present = subtractStretches(open, joinStretches(away));
  if (hours === null || present.length === 0) return present;
  const first = localDateOf(present[0]!.from, timeZone);
  const days = daysBetween(first, localDateOf(present.at(-1)!.to, timeZone)) + 1;
  return intersectStretches(present, layOut({ shifts: hours, closures: [], timeZone }, first, days));
}

/**
 * Whether a person is away on a day: on leave, or part-time with no hours on a weekday on which the shop works. On days on
 * which nobody works nobody is away.
 */
export const isAway = (
  { daysOff, hours }: Pick<Person, 'daysOff' | 'hours'>,
  date: LocalDate,
  { shifts }: Pick<Shop, 'shifts'>,
): boolean => {
  const works = (list: readonly Shift[]) => list.some((one) => one.weekday === weekdayOf(date));
  return (
    daysOff.some((off) => off.from <= date && date <= off.to) ||
    (hours !== null && works(shifts) && !works(hours))
  );
};
