import { amount, clock, date, day, hours, moment, money, span } from './format';
import { whySentence, reasonSentence } from './step-words';
import { warningText } from './warning-words';

const locale = { timeZone: 'Europe/London', currency: 'GBP' };
const names = {
  product: (code: string) => `<${code}>`,
  step: (key: string) => `<${key}>`,
  section: (key: string) => `<${key}>`,
};
const at = (iso: string) => Date.parse(iso) / 60000;

test('times are read by the shop’s wall clock, summer and winter', () => {
  expect(moment(at('2026-12-24T09:00Z'), locale)).toBe('Thu 24 Dec 09:00');
  expect(clock(at('2026-07-01T06:30Z'), locale)).toBe('07:30');
  expect(day(at('2026-07-01T23:30Z'), locale)).toBe('Thu 2 Jul');
  expect(date('2027-01-22')).toBe('Fri 22 Jan');
});

test('lengths, hours, amounts and money', () => {
  expect([45, 60, 200, 2940].map(span)).toEqual(['45 min', '1 h', '3 h 20', '2 d 1 h']);
  expect([90, 51369].map(hours)).toEqual(['1.5', '856']);
  expect([amount(5.4, 'L'), amount(17.04, 'm'), amount(12.2, 'each'), amount(1200, 'm²')]).toEqual([
    '5.40 L',
    '17.0 m',
    '13',
    '1,200 m²',
  ]);
  expect(money(318000, locale)).toBe('£3,180');
});

test('the reasons of the calendar name who, until when and why', () => {
  const to = at('2026-12-24T13:00Z');
  expect(
    whySentence(
      { kind: 'resource', who: ['Booth'], holders: ['P-016 Load'], from: to - 60, to },
      names,
      locale,
    ),
  ).toBe('Booth busy until Thu 24 Dec 13:00: P-016 Load.');
  expect(
    whySentence(
      { kind: 'link', from: 'a', min: 276, why: { code: 'sand-after', product: 'hb', airC: 18 } },
      names,
      locale,
    ),
  ).toBe('After “<a>”: <hb> can be worked 4 h 36 after its coat at 18 °C.');
});

test('a thin clear is a stop with its figures', () => {
  const warning = {
    code: 'thin-clear' as const,
    section: 'wings',
    typed: 2,
    needed: 4,
    leftFlatUm: 23.1,
    leftEdgeUm: -4.8,
  };
  expect(warningText(warning, names, locale)).toEqual({
    grade: 'stop',
    text: '<wings>: 2 clear coats typed, the finish needs 4; 23 µm would be left on flats, 0 µm on edges.',
  });
  expect(reasonSentence({ code: 'level-round', level: 'Show', round: 1, of: 2 }, names)).toBe(
    'Level Show asks for 2 rounds; this is round 1.',
  );
});
