import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Minute } from '../units';

/** A stretch of time that a person, a place or a job is booked for. */
export interface CalendarBooking {
  /** The same for the same booking for ever, whatever its time. */
  uid: string;
  /** Raised whenever the plan it belongs to is agreed anew (RFC 5545 §3.8.7.4). */
  sequence: number;
  from: Minute;
  to: Minute;
  summary: string;
  location: string;
}

const dateOf = (minute: Minute): Date => new Date(minute * 60_000);

/**
 * Bookings as an iCalendar (RFC 5545). Times are written in UTC, so that every reader shows them right in its own zone,
 * summer or winter; the shop's zone is named for those that ask.
 */
export function writeBookings(
  name: string,
  timeZone: string,
  bookings: readonly CalendarBooking[],
  stamped: Minute,
): string {
  const calendar = ical({
    name,
    prodId: { company: 'Coatrel', product: 'bookings', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  calendar.x('X-WR-TIMEZONE', timeZone);
  for (const one of bookings)
    calendar.createEvent({
      id: one.uid,
      sequence: one.sequence,
      stamp: dateOf(stamped),
      start: dateOf(one.from),
      end: dateOf(one.to),
      summary: one.summary,
      ...(one.location ? { location: one.location } : {}),
    });
  // RFC 5545 §3.1: every line ends so, the last one too.
  return `${calendar.toString().trimEnd()}\r\n`;
}
