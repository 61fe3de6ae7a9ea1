import {
  addDays,
  addLocalDays,
  daysBetween,
  isLocalDate,
  lastTime,
  localDateOf,
  minuteAt,
  minuteOfDay,
  minutesPerDay,
  weekdayOf,
} from './minute';

const london = 'Europe/London';

describe('the time axis', () => {
  test('07:30 on a winter morning in London is 07:30 UTC, in July 06:30 UTC', () => {
    expect(minuteAt('2026-12-24', 450, london)).toBe(Date.UTC(2026, 11, 24, 7, 30) / 60000);
    expect(minuteAt('2026-07-01', 450, london)).toBe(Date.UTC(2026, 6, 1, 6, 30) / 60000);
  });

  test('the night of the spring clock change has 23 hours and that of autumn 25', () => {
    const span = (from: string, to: string) => minuteAt(to, 0, london) - minuteAt(from, 0, london);
    expect(span('2027-03-28', '2027-03-29')).toBe(23 * 60);
    expect(span('2026-10-25', '2026-10-26')).toBe(25 * 60);
  });

  test('a minute before local midnight still belongs to the day that ends', () => {
    expect(localDateOf(minuteAt('2026-07-02', 0, london) - 1, london)).toBe('2026-07-01');
  });

  test('days are counted on the calendar: day 32 from 23 Nov 2026 is 24 Dec, a Thursday; day 61 is Fri 22 Jan', () => {
    expect(addDays('2026-11-23', 31)).toBe('2026-12-24');
    expect(weekdayOf('2026-12-24')).toBe(4);
    expect(addDays('2026-11-23', 60)).toBe('2027-01-22');
    expect(weekdayOf('2027-01-22')).toBe(5);
    expect(daysBetween('2026-11-23', '2027-01-22')).toBe(60);
  });

  test('only real days are dates', () => {
    expect(isLocalDate('2028-02-29')).toBe(true);
    for (const text of ['2027-02-29', '2026-13-01', '26-01-01', '2026-1-1', '0000-00-00', '9999-01-01', ''])
      expect(isLocalDate(text)).toBe(false);
  });
});

describe('hours that the clock skips or doubles', () => {
  const utc = (text: string) => Date.parse(`${text}Z`) / 60000;

  // Published changes: London 28 March 2027 01:00 → 02:00 and 25 October 2026 02:00 → 01:00; Berlin an hour later by
  // its own clock at the same instant; New York 14 March 2027 02:00 → 03:00 and 1 November 2026 02:00 → 01:00;
  // Sydney 4 October 2026 02:00 → 03:00 and 4 April 2027 03:00 → 02:00; Lord Howe shifts by half an hour.
  test.each([
    ['Europe/London', '2027-03-28', 90, '2027-03-28T01:00'],
    ['Europe/Berlin', '2027-03-28', 150, '2027-03-28T01:00'],
    ['America/New_York', '2027-03-14', 150, '2027-03-14T07:00'],
    ['Australia/Sydney', '2026-10-04', 121, '2026-10-03T16:00'],
    ['Australia/Lord_Howe', '2026-10-04', 140, '2026-10-03T15:30'],
  ])('%s skips the time: the first minute after the gap', (zone, date, shown, instant) => {
    expect(minuteAt(date, shown, zone)).toBe(utc(instant));
  });

  test.each([
    ['Europe/London', '2026-10-25', 90, '2026-10-25T00:30'],
    ['Europe/Berlin', '2026-10-25', 150, '2026-10-25T00:30'],
    ['America/New_York', '2026-11-01', 90, '2026-11-01T05:30'],
    ['Australia/Sydney', '2027-04-04', 150, '2027-04-03T15:30'],
  ])('%s doubles it: the earlier of both', (zone, date, shown, instant) => {
    expect(minuteAt(date, shown, zone)).toBe(utc(instant));
  });

  test('a day on over the clock change is the same time of day, 23 and 25 hours later', () => {
    const noon = minuteAt('2027-03-27', 720, london);
    expect(addLocalDays(noon, 1, london) - noon).toBe(23 * 60);
    const autumn = minuteAt('2026-10-24', 720, london);
    expect(addLocalDays(autumn, 1, london) - autumn).toBe(25 * 60);
    expect(minuteOfDay(addLocalDays(autumn, 7, london), london)).toBe(720);
  });

  test('23:50 typed at 00:10 was last night; five minutes ahead is a clock that differs', () => {
    const now = minuteAt('2026-12-24', 10, london);
    expect(lastTime(1430, now, london)).toBe(now - 20);
    expect(lastTime(15, now, london)).toBe(now + 5);
    expect(lastTime(0, now, london)).toBe(now - 10);
  });

  test('ten minutes ahead is still a clock that differs, eleven is last night', () => {
    const now = minuteAt('2026-12-24', 10, london);
    expect(lastTime(20, now, london)).toBe(now + 10);
    expect(lastTime(21, now, london)).toBe(now + 11 - minutesPerDay);
  });

  test('13:37 by the wall clock is minute 817 of the day', () => {
    expect(minuteOfDay(Date.UTC(2026, 11, 24, 13, 37) / 60000, london)).toBe(817);
  });

  test.each(['1970-01-01', '1989-12-31', '2026-02-28', '2128-02-29', '2199-12-31'])('%s is a day', (day) => {
    expect(isLocalDate(day)).toBe(true);
  });

  test.each([
    '1969-12-31',
    '2200-01-01',
    ' 2026-12-24',
    '2026-12-24T00:00',
    '12026-12-24',
    '2026-02-29',
    '2026-1-1',
  ])('%s is none', (day) => {
    expect(isLocalDate(day)).toBe(false);
  });
});
