import { calendarBookings, type CalendarOf } from '../../core/readings/calendar-bookings';
import { writeBookings } from '../../core/exchange';
import { database } from '../database/client';
import { currentAgreedPlans } from './agreed-plans';
import { currentMinute } from './clock';
import { requireShop } from './plans';

/** The agreed bookings of a person, a place or a job as an iCalendar; null where there is no such one. */
export async function calendarOf(whose: CalendarOf): Promise<{ name: string; text: string } | null> {
  const [{ shop }, agreed] = await Promise.all([requireShop(), currentAgreedPlans(database())]);
  const name =
    whose.kind === 'job'
      ? agreed.has(whose.id)
        ? whose.id
        : undefined
      : (whose.kind === 'person' ? shop.people : shop.places).find((one) => one.id === whose.id)?.name;
  if (name === undefined) return null;
  const bookings = calendarBookings(whose, [...agreed.values()], shop);
  return { name, text: writeBookings(`${name}, ${shop.name}`, shop.timeZone, bookings, currentMinute()) };
}
