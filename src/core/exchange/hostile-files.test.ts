import { closuresFromIcal, readPanelMap, readReadingsCsv, readShelfCsv, writeShelfCsv } from './index';
import { standardShelf } from '../film';

/** Files that once held the server or ended it. Each is answered in a sentence, and after bounded work. */

const map = (body: string) =>
  readPanelMap(
    `<svg xmlns="http://www.w3.org/2000/svg" width="2000mm" height="2000mm" viewBox="0 0 2000 2000">${body}</svg>`,
    ['hull'],
  );
const star = (points: number, id = 'A') => {
  const at = Array.from({ length: points }, (_, k) => {
    const radius = 900 - (200 * ((k * 7919) % 13)) / 13;
    const angle = (2 * Math.PI * k) / points;
    return `${(1000 + radius * Math.cos(angle)).toFixed(3)},${(1000 + radius * Math.sin(angle)).toFixed(3)}`;
  });
  return `<polygon id="${id}" points="${at.join(' ')}"/>`;
};
const reasons = (read: ReturnType<typeof map>) =>
  read.status === 'faulty' ? read.faults.map((one) => one.reason) : [];

describe('panel maps', () => {
  test.each([2001, 20_000, 60_000])(
    'a polygon of %d points is refused before it is looked through',
    (points) => {
      expect(reasons(map(star(points)))).toEqual(['has more than 2000 points']);
    },
  );

  test('many large polygons: the map as a whole has a limit', () => {
    const many = Array.from({ length: 100 }, (_, i) => star(1900, `A${i}`)).join('');
    expect(reasons(map(many))).toContain('needs more than 500 points even where they may lie 0.1 mm aside');
  });

  test('an outline of as many points as are kept is read, one more is not', () => {
    expect(map(star(500)).status).toBe('ok');
    expect(map(star(501)).status).toBe('faulty');
  });

  test('a smooth outline of 2000 points is kept with few of them, none left out further than 0.1 mm', () => {
    const round = Array.from({ length: 2000 }, (_, k) => {
      const angle = (2 * Math.PI * k) / 2000;
      return `${(1000 + 800 * Math.cos(angle)).toFixed(4)},${(1000 + 800 * Math.sin(angle)).toFixed(4)}`;
    });
    const read = map(`<polygon id="R" points="${round.join(' ')}"/>`);
    if (read.status !== 'ok') throw new Error(read.faults[0]!.reason);
    const outline = read.value.parts[0]!.outline;
    // The fewest that keep within it are 199; halving never takes twice as many.
    expect(outline.length).toBeLessThan(398);
    // A chord of a circle of 0.8 m that leaves it by 0.1 mm at most: every middle lies at 0.7999 m or further out.
    for (const [i, [x, y]] of outline.entries()) {
      const [nx, ny] = outline[(i + 1) % outline.length]!;
      expect(Math.hypot((x + nx) / 2 - 1, (y + ny) / 2 - 1)).toBeGreaterThan(0.7998);
    }
  });

  test('20 000 curves in 400 kB, huge curves and needle arcs end at the limit of points', () => {
    const curve = (i: number) => `C${i * 7919} ${-i * 104729} 9 9 ${i % 90} ${i % 80}`;
    const many = `M0 0${Array.from({ length: 20_000 }, (_, i) => curve(i)).join('')}Z`;
    const huge = `M0 0${'C99999999 0 0 99999999 5 5'.repeat(1900)}Z`;
    const arcs = `M0 0${'A1e9 1e-9 45 1 0 100 1e8'.repeat(900)}Z`;
    for (const d of [many, huge, arcs])
      expect(reasons(map(`<path id="C" d="${d}"/>`))).toEqual(['has more than 2000 points']);
  });

  test('signs that turn the reading direction do not come in by a name', () => {
    const read = map(`<rect id="R" x="0" y="0" width="500" height="500" data-name="fla&#x202E;gnp"/>`);
    expect(read.status === 'ok' && read.value.parts[0]!.name).toBe('fla gnp');
  });
});

const today = '2026-11-29';
const event = (start: string, more = '') =>
  `BEGIN:VEVENT\r\nUID:${start}${more.length}\r\nDTSTART;VALUE=DATE:${start}\r\n${more}SUMMARY:Closed\r\nEND:VEVENT\r\n`;
const calendar = (events: string) =>
  closuresFromIcal(`BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${events}END:VCALENDAR\r\n`, today);
const said = (read: ReturnType<typeof calendar>) =>
  read.status === 'faulty' ? read.faults[0]!.reason : 'ok';

describe('calendars of closed days', () => {
  test.each([
    ['a rule by seconds', event('20200101', 'RRULE:FREQ=SECONDLY\r\n'), /repeats secondly/],
    [
      'a day that no month has',
      event('20200101', 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=31\r\n'),
      /no day that is/,
    ],
    [
      'a 31st of short months',
      event('20200101', 'RRULE:FREQ=MONTHLY;BYMONTH=4,6;BYMONTHDAY=31\r\n'),
      /no day that is/,
    ],
    ['a date that is no figure', event('2026NaN1'), /cannot be read|has no day/],
    ['a day beyond the calendar', event('99999999'), /has no day/],
    [
      'a length of a million years',
      event('20260101', 'DURATION:P999999999D\r\n'),
      /401 days are more than 400/,
    ],
    ['text that is none', 'x'.repeat(2_000_000), /larger than 1 MB/],
  ])('%s is refused in a sentence', (_name, events, reason) => {
    expect(said(calendar(events))).toMatch(reason);
  });

  test('the last of February every leap year is a day that is', () => {
    const read = calendar(event('20200229', 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29\r\n'));
    // 2028 lies within two years of 29 November 2026.
    expect(read).toEqual({ status: 'ok', value: [{ date: '2028-02-29', reason: 'Closed' }] });
  });

  test('a rule by weeks that began years ago is followed from now, on its own weekday and in its own rhythm', () => {
    const read = calendar(event('20160104', 'RRULE:FREQ=WEEKLY;INTERVAL=2\r\n'));
    if (read.status !== 'ok') throw new Error(said(read));
    // Every second Monday from 4 January 2016: 284 fortnights later lies 23 November 2026, the next is 7 December.
    expect(read.value[0]!.date).toBe('2026-12-07');
    expect(read.value[1]!.date).toBe('2026-12-21');
  });

  test('hundreds of daily rules from 2020 on are counted together and refused', () => {
    const many = Array.from({ length: 300 }, () => event('20200101', 'RRULE:FREQ=DAILY\r\n')).join('');
    expect(said(calendar(many))).toMatch(/repeats too often|more than 400/);
  });
});

describe('files with a line for each thing', () => {
  test('a fault names the line of the file, blank lines and lines within quotes counted', () => {
    const text = 'part,um,gauge\n\nR1,120,eddy\n\n\nR2,many,eddy\n';
    expect(readReadingsCsv(text, 'eddy')).toMatchObject({ status: 'faulty', faults: [{ place: 'line 6' }] });
    const shelf = 'code,name,kind,unit\n\n"a-1","Two\nlines",chemical,L\nbad code!,x,chemical,L\n';
    const read = readShelfCsv(shelf);
    expect(read.status === 'faulty' && read.faults.map((one) => one.place.split(',')[0])).toContain('line 5');
  });

  test.each([["'quoted"], ["'=1+1"], ['=1+1'], ["''twice"], ['-5 mix'], ['@home']])(
    'a name like %s comes back as it was',
    (name) => {
      const [product] = standardShelf;
      const read = readShelfCsv(writeShelfCsv([{ ...product!, name }]));
      expect(read.status === 'ok' && read.value[0]!.name).toBe(name);
    },
  );

  test('labels that hold what parts a mix come back as they were', () => {
    const product = standardShelf.find((one) => (one.coating?.mix.length ?? 0) > 1)!;
    const label = 'Base | part A=4:1 @ 20 % 7C';
    const coating = product.coating!;
    const mix = coating.mix.map((part, i) => (i === 0 ? { ...part, label } : part));
    const packs = [{ size: 1, priceMinor: 100, part: label }];
    const read = readShelfCsv(writeShelfCsv([{ ...product, packs, coating: { ...coating, mix } }]));
    if (read.status !== 'ok') throw new Error(read.faults[0]!.reason);
    expect(read.value[0]!.coating!.mix[0]!.label).toBe(label);
    expect(read.value[0]!.packs[0]!.part).toBe(label);
  });
});
