import { TZDate, tzOffset } from '@date-fns/tz';
import { formatISO } from 'date-fns/formatISO';
import { LRUCache } from 'lru-cache';

/** A point of the time axis: whole minutes since 1970-01-01T00:00Z. Lengths are plain minutes too. */
export type Minute = number;

/** A local calendar day, `YYYY-MM-DD`. */
export type LocalDate = string;

export const minutesPerDay = 1440;

const parts = (date: LocalDate): [number, number, number] => {
  const [year, month, day] = date.split('-').map(Number);
  return [year ?? 1970, month ?? 1, day ?? 1];
};

/** Local midnights that were asked for before; asking the time zone's rules is the slow part of a calendar. */
const midnights = new LRUCache<string, Minute>({ max: 20_000 });

function midnight(date: LocalDate, timeZone: string): Minute {
  const key = `${timeZone} ${date}`;
  let known = midnights.get(key);
  if (known === undefined) {
    known = byTheRules(date, 0, timeZone);
    midnights.set(key, known);
  }
  return known;
}

/**
 * A minute of the wall clock by the zone's rules, the same way in every zone: of two the earlier, and of none (the clock
 * skips it) the first after the gap.
 */
function byTheRules(date: LocalDate, minuteOfDay: number, timeZone: string): Minute {
  const [year, month, day] = parts(date);
  const shown = Date.UTC(year, month - 1, day) / 60000 + minuteOfDay;
  const offsetAt = (minute: Minute) => tzOffset(timeZone, new Date(minute * 60000));
  // The zone's offsets on both sides of whatever change there may be.
  const [before, after] = [offsetAt(shown - minutesPerDay), offsetAt(shown + minutesPerDay)];
  const found = [shown - before, shown - after].filter((minute) => minute + offsetAt(minute) === shown);
  if (found.length > 0) return Math.min(...found);
  let [last, first] = [shown - Math.max(before, after), shown - Math.min(before, after)];
  // The change lies between them: the last minute of the old offset and the first of the new one close in on it.
  while (first - last > 1) {
    const middle = Math.floor((last + first) / 2);
    if (offsetAt(middle) === offsetAt(last)) last = middle;
    else first = middle;
  }
  return first;
}

/**
 * The minute at which the clock of a time zone shows `minuteOfDay` on a local date.
 * A time that the clock change skips falls on the first minute after the gap, one that it doubles on the earlier of both.
 * @param minuteOfDay 0..1440 by the wall clock, so a day over the clock change has 1380 or 1500 minutes
 */
export function minuteAt(date: LocalDate, minuteOfDay: number, timeZone: string): Minute {
  const start = midnight(date, timeZone);
  if (minuteOfDay === 0) return start;
  const next = midnight(addDays(date, 1), timeZone);
  return next - start === minutesPerDay ? start + minuteOfDay : byTheRules(date, minuteOfDay, timeZone);
}

/** The local date on which a minute falls. */
export function localDateOf(minute: Minute, timeZone: string): LocalDate {
  return formatISO(new TZDate(minute * 60000, timeZone), { representation: 'date' });
}

/** The wall clock's minute of the day, 0..1439. */
export function minuteOfDay(minute: Minute, timeZone: string): number {
  const local = new TZDate(minute * 60000, timeZone);
  return local.getHours() * 60 + local.getMinutes();
}

/** A minute of the day as 07:30. */
export const wallTime = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** The same minute of the wall clock some local days on or back; a day over the clock change is as long as it is. */
export const addLocalDays = (minute: Minute, days: number, timeZone: string): Minute =>
  minuteAt(addDays(localDateOf(minute, timeZone), days), minuteOfDay(minute, timeZone), timeZone);

/**
 * A time of day as somebody types it after the fact: today, or yesterday where today's would lie ahead.
 * @param aheadMin how far ahead it may lie, because no two clocks agree
 */
export function lastTime(minutesOfDay: number, now: Minute, timeZone: string, aheadMin = 10): Minute {
  const today = localDateOf(now, timeZone);
  const at = minuteAt(today, minutesOfDay, timeZone);
  return at > now + aheadMin ? minuteAt(addDays(today, -1), minutesOfDay, timeZone) : at;
}

/** Adds whole days to a local date; no time zone is involved. */
export function addDays(date: LocalDate, days: number): LocalDate {
  const [year, month, day] = parts(date);
  return new Date(Date.UTC(year, month - 1, day + days)).toISOString().slice(0, 10);
}

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export function daysBetween(from: LocalDate, to: LocalDate): number {
  const stamp = (date: LocalDate) => {
    const [year, month, day] = parts(date);
    return Date.UTC(year, month - 1, day);
  };
  return Math.round((stamp(to) - stamp(from)) / 86400000);
}

/** ISO weekday of a local date: 1 Monday … 7 Sunday. */
export function weekdayOf(date: LocalDate): number {
  const [year, month, day] = parts(date);
  return new Date(Date.UTC(year, month - 1, day)).getUTCDay() || 7;
}

/** True for a real calendar day written `YYYY-MM-DD`, years 1970–2199. */
export function isLocalDate(text: string): boolean {
  return /^(19[7-9]\d|20\d\d|21\d\d)-\d\d-\d\d$/.test(text) && addDays(text, 0) === text;
}
