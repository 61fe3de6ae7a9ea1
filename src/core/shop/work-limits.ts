import { getTimes } from 'suncalc';
import { joinStretches, type Stretch } from '../schedule/stretches';
import { addDays, minuteAt, weekdayOf, type LocalDate } from '../units';
import type { Shop } from './shop';

/** Resource that stands for the hours in which loud work may be done; any number of steps share it. */
export const loudHoursId = 'loud-hours';
/** Id of the hours of somebody who has to be there and is not kept from other work. */
export const atHandId = (person: string): string => `at-hand ${person}`;

/**
 * The hours in which loud work is allowed, as absolute stretches; null where nobody limits it.
 * @param from first local day   @param days how many days
 */
export function loudStretches(
  { loudHours, timeZone }: Pick<Shop, 'loudHours' | 'timeZone'>,
  from: LocalDate,
  days: number,
): Stretch[] | null {
  if (!loudHours) return null;
  const allowed: Stretch[] = [];
  for (let i = 0; i < days; i += 1) {
    const date = addDays(from, i);
    if (weekdayOf(date) > 5 && !loudHours.weekends) continue;
    allowed.push({
      from: minuteAt(date, loudHours.fromMin, timeZone),
      to: minuteAt(date, loudHours.toMin, timeZone),
    });
  }
  return joinStretches(allowed);
}

/** From sunrise to sunset of one local day; null where the sun does not rise, the whole day where it does not set. */
export function daylightOn(
  { site, timeZone }: Pick<Shop, 'site' | 'timeZone'>,
  date: LocalDate,
): Stretch | null {
  if (!site) return null;
  const [start, end] = [minuteAt(date, 0, timeZone), minuteAt(date, 1440, timeZone)];
  const noon = new Date(((start + end) / 2) * 60000);
  const sun = getTimes(noon, site.latitudeDeg, site.longitudeDeg);
  if (sun.alwaysUp) return { from: start, to: end };
  if (!sun.sunrise || !sun.sunset) return null;
  return { from: Math.ceil(sun.sunrise.getTime() / 60000), to: Math.floor(sun.sunset.getTime() / 60000) };
}

/** Daylight of some days; null where nobody said where the shop stands. */
export function daylightStretches(
  shop: Pick<Shop, 'site' | 'timeZone'>,
  from: LocalDate,
  days: number,
): Stretch[] | null {
  if (!shop.site) return null;
  return joinStretches(
    Array.from({ length: days }, (_, i) => daylightOn(shop, addDays(from, i)) ?? []).flat(),
  );
}
