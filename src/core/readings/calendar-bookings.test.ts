import ICAL from 'ical.js';
import { demoShop } from '../../demo/shop';
import { calendarBookings } from './calendar-bookings';
import { writeBookings, type CalendarBooking } from '../exchange';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { minuteAt, minuteOfDay } from '../units';

const zone = demoShop.timeZone;
const job = jobFixture({});
const plan = planJob({
  job,
  shop: demoShop,
  shelf: shelfOf(standardShelf),
  commitments: [],
  agreedStarts: new Map(),
  now: minuteAt(job.arrival, 0, zone),
});
const agreed = [{ plan, version: 3 }];

/** Events of a calendar as an independent reader understands them. */
const read = (text: string) => {
  const calendar = new ICAL.Component(ICAL.parse(text) as [string, unknown[], unknown[]]);
  return calendar.getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    return {
      uid: event.uid,
      sequence: event.sequence,
      summary: event.summary,
      location: event.location,
      from: event.startDate.toUnixTime() / 60,
      to: event.endDate.toUnixTime() / 60,
      stamp: one.getFirstPropertyValue('dtstamp'),
    };
  });
};

describe('bookings of the agreed plans', () => {
  test('each person’s work, told in the hours in which it is done, comes to the person-minutes of the plan', () => {
    for (const { id } of demoShop.people) {
      const bookings = calendarBookings({ kind: 'person', id }, agreed, demoShop);
      const booked = bookings.reduce((sum, one) => sum + one.to - one.from, 0);
      const worked = plan.steps
        .filter((step) => step.uses.includes(id) && step.heldBy.length === 0)
        .reduce((sum, step) => sum + step.minutes, 0);
      expect(booked).toBe(worked);
      const sorted = [...bookings].sort((a, b) => a.from - b.from);
      for (let i = 1; i < sorted.length; i += 1)
        expect(sorted[i]!.from).toBeGreaterThanOrEqual(sorted[i - 1]!.to);
    }
  });

  test('the booth is booked for its sessions, nights included, and by nobody else at once', () => {
    const booth = demoShop.places.find((one) => one.kind === 'booth')!;
    const bookings = calendarBookings({ kind: 'place', id: booth.id }, agreed, demoShop);
    const sessions = plan.stays.filter((stay) => stay.place === booth.id);
    expect(bookings.length).toBeGreaterThanOrEqual(sessions.length);
    expect(sessions.length).toBeGreaterThan(0);
    for (const stay of sessions)
      expect(bookings).toContainEqual(expect.objectContaining({ from: stay.start, to: stay.end }));
  });

  test('a job’s own calendar names its number and leaves drying out; another job has none of it', () => {
    const own = calendarBookings({ kind: 'job', id: plan.job }, agreed, demoShop);
    expect(own.every((one) => one.summary.startsWith(`${plan.job} `))).toBe(true);
    const drying = plan.steps
      .filter((step) => step.kind === 'passive')
      .map((step) => `${plan.job} ${step.name}`);
    const attended = new Set(
      plan.steps.filter((step) => step.kind !== 'passive').map((step) => `${plan.job} ${step.name}`),
    );
    for (const one of own) expect(attended.has(one.summary) || !drying.includes(one.summary)).toBe(true);
    expect(calendarBookings({ kind: 'job', id: 'P-999' }, agreed, demoShop)).toEqual([]);
  });
});

describe('as an iCalendar, read by another program', () => {
  const bookings = calendarBookings({ kind: 'job', id: plan.job }, agreed, demoShop);
  const events = read(writeBookings('P', zone, bookings, plan.computedAt));

  test('every booking comes back to the minute, with its own UID and the version of the plan', () => {
    expect(events.map(({ from, to, uid, sequence }) => ({ from, to, uid, sequence }))).toEqual(
      bookings.map(({ from, to, uid, sequence }) => ({ from, to, uid, sequence })),
    );
    expect(new Set(events.map((one) => one.uid)).size).toBe(events.length);
    expect(events.every((one) => one.stamp !== null)).toBe(true);
  });

  test('the UID of a booking stays when its time and the version change', () => {
    const later = planJob({
      job,
      shop: demoShop,
      shelf: shelfOf(standardShelf),
      commitments: [],
      agreedStarts: new Map(),
      now: minuteAt(job.arrival, 0, zone) + 2 * 1440,
    });
    const moved = calendarBookings({ kind: 'job', id: plan.job }, [{ plan: later, version: 4 }], demoShop);
    const known = new Map(bookings.map((one) => [one.uid, one]));
    const same = moved.filter((one) => known.has(one.uid));
    expect(same.length).toBeGreaterThan(bookings.length / 2);
    expect(same.some((one) => one.from !== known.get(one.uid)!.from)).toBe(true);
    expect(same.every((one) => one.sequence > known.get(one.uid)!.sequence)).toBe(true);
  });

  test('eight in the morning is eight by the wall before and after the clocks change; odd signs survive', () => {
    const at = (date: string): CalendarBooking => ({
      uid: `${date}@coatrel`,
      sequence: 0,
      location: 'Booth; by the gate',
      summary: 'Coat, "first" \\ second\nline',
      from: minuteAt(date, 480, zone),
      to: minuteAt(date, 540, zone),
    });
    // Clocks in London go forward on 28 March 2027 and back on 31 October.
    const days = ['2027-03-27', '2027-03-29', '2027-10-30', '2027-11-01'];
    const back = read(writeBookings('P', zone, days.map(at), 0));
    expect(back.map((one) => minuteOfDay(one.from, zone))).toEqual([480, 480, 480, 480]);
    expect(back[0]).toMatchObject({
      summary: 'Coat, "first" \\ second\nline',
      location: 'Booth; by the gate',
    });
  });
});

test('work that comes to be split keeps the identity of its beginning; the file ends with its last line', () => {
  const whole = plan.steps.find(
    (step) => step.kind === 'splittable' && step.minutes > 0 && step.uses.length > 0,
  )!;
  const person = whole.uses.find((id) => demoShop.people.some((one) => one.id === id))!;
  const uidsOf = (end: number) => {
    const steps = [{ ...whole, end }];
    return calendarBookings(
      { kind: 'person', id: person },
      [{ plan: { ...plan, steps }, version: 1 }],
      demoShop,
    ).map((one) => one.uid);
  };
  const [short, long] = [uidsOf(whole.start + 30), uidsOf(whole.start + 3 * 1440)];
  expect(short).toHaveLength(1);
  expect(long.length).toBeGreaterThan(1);
  expect(long[0]).toBe(short[0]);
  const bookings = calendarBookings({ kind: 'person', id: person }, agreed, demoShop);
  expect(writeBookings('x', zone, bookings, 0)).toMatch(/END:VCALENDAR\r\n$/);
});
