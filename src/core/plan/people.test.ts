import type { Plan, PlannedStep } from './model';
import { scarceSteps } from '../readings/scarce';
import { strainDays } from '../readings/strain';
import { freeWhileWaiting } from '../readings/waiting';
import type { Person } from '../shop';
import { minuteAt } from '../units';

const zone = 'Europe/London';
const at = (date: string, hour: number) => minuteAt(date, hour * 60, zone);
const step = (key: string, given: object): PlannedStep =>
  ({
    key,
    name: key,
    subject: '',
    operation: key,
    state: 'planned',
    skipped: false,
    crew: 1,
    hold: null,
    heldBy: [],
    pass: null,
    kind: 'splittable',
    coat: null,
    sections: ['s'],
    uses: [],
    shares: [],
    overhead: 0,
    people: ['prep'],
    readyFrom: 0,
    start: 0,
    end: 0,
    personMinutes: 60,
    ...given,
  }) as unknown as PlannedStep;

describe('free while waiting', () => {
  const wait = step('cure', { kind: 'passive', crew: 0, start: 1000, end: 1720 });
  const plan = (job: string, steps: PlannedStep[]) => ({ job, steps, stays: [] as Plan['stays'] });

  test('what stands on nothing unfinished when the wait begins, of any job, the soonest planned first', () => {
    const own = plan('P-1', [
      wait,
      step('trim', { readyFrom: 500, start: 3000 }),
      step('sand', { readyFrom: 1720, start: 1720 }),
      step('begun', { readyFrom: 0, start: 900 }),
    ]);
    const other = plan('P-2', [step('mask', { readyFrom: 900, start: 1400 })]);
    const [found] = freeWhileWaiting(own, [own, other], 0);
    expect(found).toMatchObject({ step: 'cure', from: 1000, to: 1720 });
    expect(found!.free.map((one) => [one.job, one.step])).toEqual([
      ['P-2', 'mask'],
      ['P-1', 'trim'],
    ]);
  });

  test('held steps, waits, what is done and booth sessions are not offered; short waits are no waits', () => {
    const own = {
      ...plan('P-1', [
        wait,
        step('flash', { kind: 'passive', crew: 0, start: 0, end: 60 }),
        step('held', { start: 2000, heldBy: ['gate'] }),
        step('done', { start: 2000, state: 'done' }),
        step('coat', { start: 2000, hold: 'booth/1' }),
      ]),
      stays: [{ key: 'booth/1', kind: 'session' }] as unknown as Plan['stays'],
    };
    const found = freeWhileWaiting(own, [own], 0);
    expect(found.map((one) => [one.step, one.free])).toEqual([['cure', []]]);
    expect(freeWhileWaiting(own, [own], 1720)).toEqual([]);
  });
});

describe('strain', () => {
  const person = (id: string, skills: Person['skills'], daysOff: Person['daysOff'] = []): Person => ({
    id,
    name: id,
    skills,
    pace: 1,
    daysOff,
    hours: null,
  });
  const open = ['2026-12-01', '2026-12-02'].map((date) => ({ from: at(date, 8), to: at(date, 16) }));
  const people = [person('dot', ['prep']), person('jun', ['prep']), person('ines', ['paint'])];
  const block = (given: object) =>
    step('block', {
      uses: ['dot'],
      overhead: 0.25,
      start: at('2026-12-01', 8),
      end: at('2026-12-01', 13),
      ...given,
    });

  test('five hours of blocking are an hour too many; a quarter of it over the roof is 75 min; Jun may take over', () => {
    expect(strainDays([{ steps: [block({})] }], people, open, zone, '2026-12-01')).toEqual([
      {
        person: 'dot',
        date: '2026-12-01',
        handSandingMin: 300,
        machineMin: 0,
        overheadMin: 75,
        relief: 'jun',
      },
    ]);
  });

  test('the same minutes over two days are within; nights do not count', () => {
    const over = block({ start: at('2026-12-01', 13), end: at('2026-12-02', 10) });
    expect(strainDays([{ steps: [over] }], people, open, zone, '2026-12-01')).toEqual([]);
  });

  test('two jobs add up for one person; who is away or lacks the skill gives no relief', () => {
    const half = block({ end: at('2026-12-01', 11) });
    const more = block({ start: at('2026-12-01', 11), end: at('2026-12-01', 13) });
    const away = [
      person('dot', ['prep']),
      person('jun', ['prep'], [{ from: '2026-12-01', to: '2026-12-01', reason: '' }]),
    ];
    const found = strainDays(
      [{ steps: [half] }, { steps: [more] }],
      [...away, people[2]!],
      open,
      zone,
      '2026-12-01',
    );
    expect(found).toEqual([expect.objectContaining({ handSandingMin: 300, relief: null })]);
  });

  test('a machine has a limit of its own: five hours and a half of polishing are half an hour too many', () => {
    const polish = block({ operation: 'polish', overhead: 0, end: at('2026-12-01', 13) + 30 });
    const found = strainDays([{ steps: [polish] }], people, open, zone, '2026-12-01');
    expect(found).toEqual([
      {
        person: 'dot',
        date: '2026-12-01',
        handSandingMin: 0,
        machineMin: 330,
        overheadMin: 0,
        relief: 'jun',
      },
    ]);
    const hour = { handSandingMin: 240, machineMin: 330, overheadMin: 90 };
    expect(strainDays([{ steps: [polish] }], people, open, zone, '2026-12-01', hour)).toEqual([]);
  });

  test('days that are over are left out', () => {
    expect(strainDays([{ steps: [block({})] }], people, open, zone, '2026-12-02')).toEqual([]);
  });

  test('a limit of a hundred minutes overhead is not broken by seventy-five', () => {
    const limits = { handSandingMin: 400, machineMin: 400, overheadMin: 100 };
    expect(strainDays([{ steps: [block({})] }], people, open, zone, '2026-12-01', limits)).toEqual([]);
  });
});

describe('the strong hand', () => {
  const off = (from: string, to: string): Person['daysOff'] => [{ from, to, reason: 'leave' }];
  const person = (
    id: string,
    daysOff: Person['daysOff'] = [],
    skills: Person['skills'] = ['paint'],
  ): Person => ({
    id,
    name: id,
    skills,
    pace: 1,
    daysOff,
    hours: null,
  });
  const candy = step('candy', {
    people: ['paint'],
    start: at('2026-12-01', 8),
    end: at('2026-12-01', 15),
  });
  const week = {
    timeZone: zone,
    shifts: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMin: 480, endMin: 960 })),
  };
  const of = (people: Person[], risky = true) => scarceSteps({ steps: [candy] }, people, () => risky, week);

  test('away from Friday to Monday week: it may slip two days, then waits until one is back', () => {
    const [one] = of([person('ines', off('2026-12-04', '2026-12-14'))]);
    expect(one).toMatchObject({
      able: ['ines'],
      missedFrom: '2026-12-04',
      spareDays: 2,
      backOn: '2026-12-15',
    });
  });

  test('with two hands the step is missed only when both are away; who stays longer is named first', () => {
    const both = [
      person('ines', off('2026-12-04', '2026-12-14')),
      person('marek', off('2026-12-09', '2026-12-11')),
    ];
    expect(of(both)[0]).toMatchObject({
      able: ['marek', 'ines'],
      missedFrom: '2026-12-09',
      spareDays: 7,
      // The 12th is a Saturday, on which the shop is closed.
      backOn: '2026-12-14',
    });
    expect(of([person('ines'), person('marek', off('2026-12-04', '2026-12-14'))])[0]).toMatchObject({
      spareDays: null,
    });
  });

  test('part-time: Monday to Wednesday, so missed from Thursday on and back on Monday; a free weekend is no absence', () => {
    const days = (...weekdays: number[]) =>
      weekdays.map((weekday) => ({ weekday, startMin: 480, endMin: 720 }));
    // The step ends on Tuesday 1 December.
    expect(of([{ ...person('ines'), hours: days(1, 2, 3) }])[0]).toMatchObject({
      missedFrom: '2026-12-03',
      spareDays: 1,
      backOn: '2026-12-07',
    });
    expect(of([{ ...person('ines'), hours: days(1, 2, 3, 4, 5) }])[0]).toMatchObject({ missedFrom: null });
  });

  test('what three can do, what is not risky, and what nobody can do is no such step', () => {
    expect(of(['a', 'b', 'c'].map((id) => person(id)))).toEqual([]);
    expect(of([person('ines')], false)).toEqual([]);
    expect(of([person('dot', [], ['prep'])])).toEqual([]);
  });
});
