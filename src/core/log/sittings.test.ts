import fc from 'fast-check';
import { standingEntries, type LogEntry } from '../record';
import { entry } from './log.fixture';
import { loggedFacts, minutesLeft, paceOf, personMinutesLeft } from './logged-facts';
import { lasted, stepLogs, worked } from './sittings';
import { sittingsOf, timeSums } from './time-sums';
import { minuteAt } from '../units';

const now = 10_000;

describe('sittings', () => {
  test('a beginning, a leaving, another beginning and an end are two sittings', () => {
    const log = [
      entry({ kind: 'began', at: 100 }),
      entry({ kind: 'left', at: 160 }),
      entry({ kind: 'began', at: 200, people: ['dot', 'jun'] }),
      entry({ kind: 'ended', at: 230 }),
    ];
    const own = stepLogs(log).get('body/block')!;
    expect(own.sittings.map(({ from, to, people }) => [from, to, people.length])).toEqual([
      [100, 160, 1],
      [200, 230, 2],
    ]);
    expect(own.ended).toBe(230);
    // 60 min of one person and 30 min of two.
    expect(own.sittings.reduce((sum, one) => sum + worked(one, now), 0)).toBe(60 + 60);
  });

  test('another beginning while people are at it is a change of the crew', () => {
    const log = [
      entry({ kind: 'began', at: 0 }),
      entry({ kind: 'began', at: 40, people: ['dot', 'sal'] }),
      entry({ kind: 'ended', at: 100 }),
    ];
    expect(
      stepLogs(log)
        .get('body/block')!
        .sittings.map((one) => worked(one, now)),
    ).toEqual([40, 120]);
  });

  test('entries are read in order of their time, not of their writing', () => {
    const log = [entry({ kind: 'ended', at: 90 }), entry({ kind: 'began', at: 30 })];
    expect(stepLogs(log).get('body/block')).toMatchObject({ ended: 90, sittings: [{ from: 30, to: 90 }] });
  });

  test('an entry taken back does not count, and neither does what took it back', () => {
    const wrong = entry({ kind: 'ended', at: 90 });
    const log = [
      entry({ kind: 'began', at: 30 }),
      wrong,
      entry({ kind: 'note', at: 95, corrects: wrong.id }),
    ];
    expect(standingEntries(log)).toHaveLength(1);
    expect(stepLogs(log).get('body/block')!.ended).toBeNull();
  });

  test('a step begun again after its end runs again', () => {
    const log = [
      entry({ kind: 'began', at: 0 }),
      entry({ kind: 'ended', at: 50 }),
      entry({ kind: 'began', at: 80, redo: 'run in the clear' }),
    ];
    expect(loggedFacts(log, 100)[0]).toMatchObject({ status: 'running', end: null, personMinutes: 70 });
  });

  test('a sitting that lasts goes up to now, and no further back than its beginning', () => {
    const one = { step: 's', from: 100, to: null, people: [], redo: '', share: 1 };
    expect([lasted(one, 130), lasted(one, 90), worked(one, 130)]).toEqual([30, 0, 30]);
  });
});

describe('facts of the log', () => {
  const began = entry({ kind: 'began', at: 100, people: ['dot', 'jun'] });

  test('what runs knows its minutes; later entries are not seen from an earlier day', () => {
    const log = [began, entry({ kind: 'ended', at: 400 })];
    expect(loggedFacts(log, 160)).toEqual([
      expect.objectContaining({ status: 'running', workedMin: 60, personMinutes: 120, remainingMin: null }),
    ]);
    expect(loggedFacts(log, 500)[0]).toMatchObject({ status: 'done', end: 400, personMinutes: 600 });
  });

  test('minutes said to be left shrink as work goes on', () => {
    const log = [
      began,
      entry({ kind: 'left', at: 200, remainingMin: 90 }),
      entry({ kind: 'began', at: 300 }),
    ];
    expect(loggedFacts(log, 200)[0]!.remainingMin).toBe(90);
    expect(loggedFacts(log, 330)[0]!.remainingMin).toBe(60);
    expect(loggedFacts(log, 500)[0]!.remainingMin).toBe(0);
  });

  test('without a word the rest is the plan less what was worked, and at least a tenth or a quarter of an hour', () => {
    expect(minutesLeft({ remainingMin: null, workedMin: 60 }, { minutes: 200, personMinutes: 200 })).toBe(
      140,
    );
    expect(minutesLeft({ remainingMin: null, workedMin: 300 }, { minutes: 200, personMinutes: 200 })).toBe(
      20,
    );
    expect(minutesLeft({ remainingMin: null, workedMin: 300 }, { minutes: 100, personMinutes: 100 })).toBe(
      15,
    );
    expect(minutesLeft({ remainingMin: null, workedMin: 30 }, { minutes: 10, personMinutes: 10 })).toBe(10);
    expect(minutesLeft({ remainingMin: 5, workedMin: 60 }, { minutes: 200, personMinutes: 200 })).toBe(5);
  });
});

describe('time sums', () => {
  const phaseOf = (step: string) => (step.includes('polish') ? 'finish' : 'build');
  const dec = minuteAt('2026-12-01', 0, 'Europe/London');

  test('by phase, month, person and cause, first work and rework apart', () => {
    const log = [
      entry({ kind: 'began', at: dec - 120, people: ['dot', 'jun'] }),
      entry({ kind: 'ended', at: dec - 60 }),
      entry({ kind: 'began', at: dec + 60, step: 'polish', redo: 'burned through', people: ['dot'] }),
      entry({ kind: 'ended', at: dec + 105, step: 'polish' }),
    ];
    const sums = timeSums(log, phaseOf, now + dec, 'Europe/London');
    expect(sums.all).toEqual({ firstMin: 120, redoMin: 45 });
    expect([...sums.byPhase]).toEqual([
      ['build', { firstMin: 120, redoMin: 0 }],
      ['finish', { firstMin: 0, redoMin: 45 }],
    ]);
    expect([...sums.byMonth.keys()]).toEqual(['2026-11', '2026-12']);
    expect(sums.byPerson.get('dot')).toEqual({ firstMin: 60, redoMin: 45 });
    expect(sums.byPerson.get('jun')).toEqual({ firstMin: 60, redoMin: 0 });
    expect([...sums.byCause]).toEqual([['burned through', 45]]);
  });

  test('work recorded in one sum counts for its phase and month, for no person', () => {
    const older = [{ step: 'fill', start: dec, personMinutes: 90 }];
    const sums = timeSums([], phaseOf, dec, 'Europe/London', older);
    expect(sums.all.firstMin).toBe(90);
    expect(sums.byMonth.get('2026-12')).toEqual({ firstMin: 90, redoMin: 0 });
    expect(sums.byPerson.size).toBe(0);
  });

  test('whatever is written, phases, months and people add up to the whole', () => {
    const some = fc.record({
      kind: fc.constantFrom('began' as const, 'left' as const, 'ended' as const),
      at: fc.integer({ min: dec - 50_000, max: dec + 50_000 }),
      step: fc.constantFrom('a', 'b-polish', 'c'),
      people: fc.subarray(['dot', 'jun', 'sal'], { minLength: 1 }),
      redo: fc.constantFrom('', 'dust'),
    });
    fc.assert(
      fc.property(fc.array(some, { maxLength: 30 }), (list) => {
        const log: LogEntry[] = list.map((one) => entry(one));
        const sums = timeSums(log, phaseOf, dec + 60_000, 'Europe/London');
        const total = (map: ReadonlyMap<string, { firstMin: number; redoMin: number }>) =>
          [...map.values()].reduce((sum, one) => sum + one.firstMin + one.redoMin, 0);
        const all = sums.all.firstMin + sums.all.redoMin;
        for (const map of [sums.byPhase, sums.byMonth, sums.byPerson]) expect(total(map)).toBeCloseTo(all, 6);
        const first = sittingsOf(log);
        expect(first.every((one, i) => i === 0 || one.from >= first[i - 1]!.from)).toBe(true);
      }),
    );
  });

  describe('with some panels done', () => {
    // Ten panels of a square metre; the step is planned with 1000 minutes of one person.
    const areas = new Map(Array.from({ length: 10 }, (_, i) => [`P${i}.outside`, 1] as const));
    const planned = { minutes: 1000, personMinutes: 1000 };
    const ended = (at: number, ...panels: number[]) => ({
      ...entry({ kind: 'left' as const, at, parts: panels.map((i) => `P${i}`) }),
      on: panels.map((i) => `P${i}.outside`),
      share: 1,
    });
    const begun = (at: number) => entry({ kind: 'began', at });
    const factOf = (log: Parameters<typeof loggedFacts>[0], now: number) =>
      loggedFacts(log, now, () => areas)[0]!;

    test('the first panel in 200 minutes where 100 were planned: nine are left, a little slower than planned', () => {
      const fact = factOf([begun(0), ended(200, 0)], 300);
      expect(fact).toMatchObject({ leftShare: 0.9, partDone: { personMin: 200, days: 1, sinceMin: 0 } });
      // One day: ln 2 / (1 + 0.16/0.1225) = 0.300572; e^0.300572 = 1.350631; 900 × 1.350631 = 1215.57.
      expect(paceOf(fact, planned)).toBeCloseTo(1.350631, 5);
      expect(minutesLeft(fact, planned)).toBe(1216);
      expect(personMinutesLeft(fact, { minutes: 500, personMinutes: 1000 })).toBeCloseTo(
        2 * minutesLeft(fact, { minutes: 500, personMinutes: 1000 }),
        9,
      );
    });

    test('as planned, the rest is as planned; what was worked on the next panel since is taken off', () => {
      expect(minutesLeft(factOf([begun(0), ended(100, 0)], 100), planned)).toBe(900);
      expect(minutesLeft(factOf([begun(0), ended(100, 0), begun(200)], 260), planned)).toBe(840);
    });

    test('more days at the same pace say more', () => {
      const day = 1440;
      const three = [
        begun(0),
        ended(200, 0),
        begun(day),
        ended(day + 200, 1),
        begun(2 * day),
        ended(2 * day + 200, 2),
      ];
      const fact = factOf(three, 3 * day);
      expect(fact.partDone).toEqual({ personMin: 600, days: 3, sinceMin: 0 });
      // 3·ln 2 / (3 + 1.306122) = 0.482912; e^0.482912 = 1.620787; 700 × 1.620787 = 1134.55.
      expect(minutesLeft(fact, planned)).toBe(1135);
    });

    test('what somebody says is left stands before the pace; rework is not part of it', () => {
      const said = { ...ended(200, 0), remainingMin: 300 };
      expect(minutesLeft(factOf([begun(0), said], 300), planned)).toBe(300);
      const redone = entry({ kind: 'began', at: 50, redo: 'dust' });
      expect(factOf([begun(0), redone, ended(200, 0)], 300).partDone!.personMin).toBe(50);
    });
  });
});
