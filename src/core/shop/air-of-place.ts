import { addDays, localDateOf, minuteAt, type LocalDate, type Minute } from '../units';
import { openStretches } from './shop-calendar';
import type { MonthAir, Place, Shop } from './shop';

/** Air of a place on a day: as somebody typed it from a forecast, else of the month, else the place's one temperature. */
export function airOnDay(place: Place, date: LocalDate): MonthAir {
  const typed = place.forecast.find((one) => one.date === date);
  if (typed) return typed;
  const month = place.profile?.[Number(date.slice(5, 7)) - 1];
  return month ?? { workC: place.airC, nightC: place.airC, humidity: 50 };
}

/** A stretch of constant air up to a minute. */
export interface AirUntil {
  untilMin: Minute;
  airC: number;
}

/**
 * Air of a place from a minute on: the day's working air while the shop is open, its night air else, whole weekends and
 * closed days included. The last stretch stands for what comes after.
 * @param days local days that are laid out
 */
export function airFrom(place: Place, shop: Shop, from: Minute, days: number): AirUntil[] {
  const first = localDateOf(from, shop.timeZone);
  const open = openStretches(shop, first, days);
  let next = 0;
  const stretches: AirUntil[] = [];
  for (let i = 0; i < days; i += 1) {
    const date = addDays(first, i);
    const { workC, nightC } = airOnDay(place, date);
    const dayEnds = minuteAt(addDays(date, 1), 0, shop.timeZone);
    const dayBegins = minuteAt(date, 0, shop.timeZone);
    while (next < open.length && open[next]!.from < dayBegins) next += 1;
    for (; next < open.length && open[next]!.from < dayEnds; next += 1) {
      const one = open[next]!;
      stretches.push({ untilMin: one.from, airC: nightC });
      stretches.push({ untilMin: Math.min(one.to, dayEnds), airC: workC });
    }
    stretches.push({ untilMin: dayEnds, airC: nightC });
  }
  return stretches.filter((one) => one.untilMin > from);
}
