import { closuresFromIcal } from './closures-ical';

const calendar = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//', ...events, 'END:VCALENDAR'].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:a', ...lines, 'END:VEVENT'].join('\r\n');
const read = (text: string) => closuresFromIcal(text, '2026-12-01');

test('a holiday of one day, and one of three whose end is the day after the last', () => {
  const text = calendar(
    event('DTSTART;VALUE=DATE:20270101', 'SUMMARY:New Year'),
    event('DTSTART;VALUE=DATE:20261225', 'DTEND;VALUE=DATE:20261228', 'SUMMARY:Christmas'),
  );
  expect(read(text)).toEqual({
    status: 'ok',
    value: [
      { date: '2026-12-25', reason: 'Christmas' },
      { date: '2026-12-26', reason: 'Christmas' },
      { date: '2026-12-27', reason: 'Christmas' },
      { date: '2027-01-01', reason: 'New Year' },
    ],
  });
});

test('a yearly holiday is followed for two years from today; what is past is left out', () => {
  const text = calendar(event('DTSTART;VALUE=DATE:20200501', 'RRULE:FREQ=YEARLY', 'SUMMARY:May Day'));
  expect(read(text)).toMatchObject({ value: [{ date: '2027-05-01' }, { date: '2028-05-01' }] });
});

test('appointments with a time of day are no closed days', () => {
  const text = calendar(event('DTSTART:20261224T090000Z', 'DTEND:20261224T100000Z', 'SUMMARY:Meeting'));
  expect(read(text)).toEqual({
    status: 'faulty',
    faults: [{ place: '', reason: 'there is no whole day from today on in it' }],
  });
});

test.each([
  ['something else', 'hello', 'this is no iCalendar file'],
  ['an event without a day', calendar(event('SUMMARY:Lost')), 'Lost has no day'],
  [
    'every day for two years',
    calendar(event('DTSTART;VALUE=DATE:20261201', 'RRULE:FREQ=DAILY', 'SUMMARY:x')),
    '731 days are more than 400',
  ],
])('%s is refused with its reason', (_name, text, reason) => {
  const found = read(text);
  expect(found.status === 'faulty' && found.faults[0]!.reason).toBe(reason);
});
