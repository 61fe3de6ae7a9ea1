import { addDays, localDateOf, minuteAt, minuteOfDay, type LocalDate, type Minute } from '../units';
import type { Shop } from './shop';
import { isOpenDay, lastOpenDay } from './shop-calendar';
import type { DayKind } from './shop-words';

type OpenDays = Pick<Shop, 'shifts' | 'closures'>;

/** A shop that never opens is waited for no longer than this, days. */
const mostDays = 1500;

/** The day after so many days; of open days each is one on which the shop works. @param way 1 ahead, -1 back */
function counted(shop: OpenDays, from: LocalDate, days: number, way: 1 | -1): LocalDate {
  let date = from;
  let left = days;
  for (let i = 0; i < mostDays && left > 0; i += 1) {
    date = addDays(date, way);
    if (isOpenDay(shop, date)) left -= 1;
  }
  return date;
}

/** The day on which something comes that takes so many days. */
export const dayAfter = (shop: OpenDays, from: LocalDate, days: number, kind: DayKind): LocalDate =>
  kind === 'open' ? counted(shop, from, days, 1) : addDays(from, days);

/** The last open day on which something can be ordered that takes so many days and is needed on a day. */
export const orderDay = (shop: OpenDays, needed: LocalDate, days: number, kind: DayKind): LocalDate =>
  lastOpenDay(shop, kind === 'open' ? counted(shop, needed, days, -1) : addDays(needed, -days));

/** What is said of how long others keep something. */
export interface TimeAway {
  days: number;
  leadIn: DayKind;
  /** Minute of the day at which it is back; null for the minute of the day at which it left. */
  backAt: number | null;
}

/** When something is back that left at a minute. */
export function backFrom(
  shop: OpenDays & Pick<Shop, 'timeZone'>,
  left: Minute,
  { days, leadIn, backAt }: TimeAway,
): Minute {
  const date = dayAfter(shop, localDateOf(left, shop.timeZone), days, leadIn);
  return Math.max(left, minuteAt(date, backAt ?? minuteOfDay(left, shop.timeZone), shop.timeZone));
}
