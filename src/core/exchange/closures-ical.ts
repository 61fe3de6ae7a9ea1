import ICAL from 'ical.js';
import type { Closure } from '../shop';
import { addDays, isLocalDate, type LocalDate } from '../units';
import type { Fault, Parsed } from './faults';

const mostDays = 400;
/** Yearly holidays are followed this far. */
const followedDays = 730;

/**
 * Closed days from an iCalendar file: every whole day of every event, repeated ones from `today` for two years. Events
 * with a time of day are appointments, not closed days, and are left out; a file without a single whole day is refused.
 */
export function closuresFromIcal(text: string, today: LocalDate): Parsed<Closure[]> {
  const fault = (place: string, reason: string): Parsed<Closure[]> => ({
    status: 'faulty',
    faults: [{ place, reason }],
  });
  let events: ICAL.Event[];
  try {
    const calendar = new ICAL.Component(ICAL.parse(text));
    events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  } catch {
    return fault('', 'this is no iCalendar file');
  }
  const last = addDays(today, followedDays);
  const days = new Map<LocalDate, string>();
  const faults: Fault[] = [];
  events.forEach((event, i) => {
    if (!event.startDate) {
      faults.push({ place: `event ${i + 1}`, reason: `${event.summary || 'it'} has no day` });
      return;
    }
    if (!event.startDate.isDate) return;
    const reason = (event.summary ?? '').replace(/\s+/g, ' ').trim().slice(0, 80);
    for (const start of startsOf(event, last)) {
      const length = Math.max(1, Math.round(event.duration.toSeconds() / 86_400));
      for (let n = 0; n < Math.min(length, mostDays); n += 1) {
        const day = addDays(start, n);
        if (isLocalDate(day) && day >= today && !days.has(day)) days.set(day, reason);
      }
    }
  });
  if (faults.length > 0) return { status: 'faulty', faults };
  if (days.size === 0) return fault('', 'there is no whole day from today on in it');
  if (days.size > mostDays) return fault('', `${days.size} days are more than ${mostDays}`);
  const closures = [...days].map(([date, reason]) => ({ date, reason }));
  return { status: 'ok', value: closures.sort((a, b) => a.date.localeCompare(b.date)) };
}

/** Days on which an event begins, up to the last one followed. */
function startsOf(event: ICAL.Event, last: LocalDate): LocalDate[] {
  const dayOf = (time: ICAL.Time): LocalDate => time.toString().slice(0, 10);
  if (!event.isRecurring()) return [dayOf(event.startDate)];
  const starts: LocalDate[] = [];
  const each = event.iterator();
  for (let next = each.next(); next && dayOf(next) <= last && starts.length < 5000; next = each.next())
    starts.push(dayOf(next));
  return starts;
}
