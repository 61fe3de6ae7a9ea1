import { addDays, daysBetween, isLocalDate, localDateOf, minuteAt, weekdayOf } from './minute';

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
