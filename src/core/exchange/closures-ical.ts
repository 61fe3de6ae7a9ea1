import ICAL from 'ical.js';
import type { Closure } from '../shop';
import { addDays, daysBetween, isLocalDate, type LocalDate } from '../units';
import type { Fault, Parsed } from './faults';
import { plainLine } from './plain-line';

/** What a file may hold, held before it is followed. */
const most = { bytes: 1024 * 1024, events: 2000, days: 400, occurrences: 20_000 };
/** Repeated days are followed this far. */
const followedDays = 730;

class TooMany extends Error {}

/**
 * Closed days from an iCalendar file: every whole day of every event, repeated ones from `today` for two years. Events
 * with a time of day are appointments, not closed days, and are left out; a file without a single whole day is refused.
 */
export function closuresFromIcal(text: string, today: LocalDate): Parsed<Closure[]> {
  const fault = (place: string, reason: string): Parsed<Closure[]> => ({
    status: 'faulty',
    faults: [{ place, reason }],
  });
  if (text.length > most.bytes) return fault('', 'the file is larger than 1 MB');
  let events: ICAL.Event[];
  try {
    const calendar = new ICAL.Component(ICAL.parse(text));
    events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  } catch {
    return fault('', 'this is no iCalendar file');
  }
  if (events.length > most.events)
    return fault('', `the file has ${events.length} events; at most ${most.events} are read`);
  const days = new Map<LocalDate, string>();
  const faults: Fault[] = [];
  const budget = { left: most.occurrences };
  for (const [i, event] of events.entries()) {
    const read = readEvent(event, today, budget);
    if ('fault' in read) faults.push({ place: `event ${i + 1}`, reason: read.fault });
    else for (const day of read.days) if (!days.has(day)) days.set(day, summaryOf(event));
  }
  if (faults.length > 0) return { status: 'faulty', faults: faults.slice(0, 20) };
  if (days.size === 0) return fault('', 'there is no whole day from today on in it');
  if (days.size > most.days) return fault('', `${days.size} days are more than ${most.days}`);
  const closures = [...days].map(([date, reason]) => ({ date, reason }));
  return { status: 'ok', value: closures.sort((a, b) => a.date.localeCompare(b.date)) };
}

/** The package decodes a property when it is first asked for, and throws at one that is none. */
function readEvent(event: ICAL.Event, today: LocalDate, budget: { left: number }): ReturnType<typeof daysOf> {
  try {
    return daysOf(event, today, budget);
  } catch {
    return { fault: 'its day or its length cannot be read' };
  }
}

const summaryOf = (event: ICAL.Event): string => plainLine(String(event.summary ?? ''), 80);

/** Whole days of an event from today on; none for an appointment. */
function daysOf(
  event: ICAL.Event,
  today: LocalDate,
  budget: { left: number },
): { days: LocalDate[] } | { fault: string } {
  const start = startOf(event);
  if (start === 'appointment') return { days: [] };
  if (start === null) return { fault: `${summaryOf(event) || 'it'} has no day` };
  const length = lengthOf(event);
  if (length === null) return { fault: 'its length is none' };
  const last = addDays(today, followedDays);
  try {
    const starts = event.isRecurring() ? startsOf(event, start, today, last, budget) : { starts: [start] };
    if ('fault' in starts) return starts;
    return { days: starts.starts.flatMap((one) => stretch(one, length, today, last)) };
  } catch (error) {
    if (error instanceof TooMany)
      return {
        fault: `it repeats too often: more than ${most.occurrences} times up to the last day followed`,
      };
    return { fault: 'its rule cannot be followed' };
  }
}

/** The days of one occurrence that lie between today and the last day followed. */
function stretch(start: LocalDate, length: number, today: LocalDate, last: LocalDate): LocalDate[] {
  const first = start < today ? today : start;
  const end = Math.min(length - daysBetween(start, first), daysBetween(first, last) + 1, most.days + 1);
  return Array.from({ length: Math.max(0, end) }, (_, n) => addDays(first, n));
}

function startOf(event: ICAL.Event): LocalDate | 'appointment' | null {
  const time: ICAL.Time | null = event.startDate;
  if (!time) return null;
  if (!time.isDate) return 'appointment';
  const day = time.toString().slice(0, 10);
  return isLocalDate(day) ? day : null;
}

/** Whole days of an event, at least one; null where its end or duration is no figure. */
function lengthOf(event: ICAL.Event): number | null {
  const seconds = event.duration.toSeconds();
  return Number.isFinite(seconds) ? Math.max(1, Math.round(seconds / 86_400)) : null;
}

const stepDays: Record<string, number> = { DAILY: 1, WEEKLY: 7 };
const followed = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'];
const longestMonth = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** Why a rule would never name a day, or names times within days; null where it can be followed. */
function ruleFault(rule: ICAL.Recur): string | null {
  if (!followed.includes(rule.freq))
    return `it repeats ${rule.freq.toLowerCase()}; closed days repeat daily or rarer`;
  if (!(rule.interval >= 1)) return 'its interval is none';
  const months = rule.parts.BYMONTH ?? longestMonth.map((_, i) => i + 1);
  const wanted = rule.parts.BYMONTHDAY;
  const exists = (day: number) =>
    months.some((month) => {
      const longest = longestMonth[Number(month) - 1] ?? 0;
      return Math.abs(Number(day)) >= 1 && Math.abs(Number(day)) <= longest;
    });
  return wanted && !wanted.some((day) => exists(Number(day))) ? 'its rule names no day that is' : null;
}

/** Days on which a repeated event begins, as far as they may matter, up to the last one followed. */
function startsOf(
  event: ICAL.Event,
  start: LocalDate,
  today: LocalDate,
  last: LocalDate,
  budget: { left: number },
): { starts: LocalDate[] } | { fault: string } {
  const rules = event.component.getAllProperties('rrule').map((one) => one.getFirstValue());
  for (const rule of rules) {
    const fault = rule instanceof ICAL.Recur ? ruleFault(rule) : 'its rule cannot be read';
    if (fault) return { fault };
  }
  const [rule] = rules;
  if (rules.length === 1 && rule instanceof ICAL.Recur) skipAhead(event, rule, start, today);
  const starts: LocalDate[] = [];
  const each = event.iterator();
  for (let next = each.next(); next; next = each.next()) {
    if (budget.left-- <= 0) throw new TooMany();
    const day = next.toString().slice(0, 10);
    if (!isLocalDate(day) || day > last) break;
    starts.push(day);
  }
  return { starts };
}

/**
 * A rule by days or weeks without a count gives the same days from any of its own first days on: one that began years
 * ago begins for us a year before today.
 */
function skipAhead(event: ICAL.Event, rule: ICAL.Recur, start: LocalDate, today: LocalDate): void {
  const step = (stepDays[rule.freq] ?? 0) * rule.interval;
  if (step === 0 || rule.count) return;
  const behind = daysBetween(start, addDays(today, -366));
  if (behind <= step) return;
  const first = addDays(start, Math.floor(behind / step) * step);
  const length = event.duration;
  event.startDate = ICAL.Time.fromDateString(first);
  // The end is kept apart from the start in the file; the length is what was meant.
  event.endDate = event.startDate.clone();
  event.endDate.addDuration(length);
}
