import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { fittingOf } from '../record/fitting.fixture';
import { planJob } from '../plan';
import { blankSurvey, type Fitting, type Job } from '../record';
import { allowanceOf } from '../survey';
import { minuteAt } from '../units';
import { fittingAdvice, passesOf } from './fittings';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const plan = (over: Partial<Job>, bodyKind = 'box-body') =>
  planJob({
    job: { ...jobFixture({ bodyKind, level: 'Road' }), ...over },
    shop: demoShop,
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
const fitting = (over: Partial<Fitting> = {}): Fitting => fittingOf({ part: 'B2L', ...over });
const step = (made: ReturnType<typeof plan>, operation: string) =>
  made.steps.find((one) => one.operation === operation)!;
const labour = (made: ReturnType<typeof plan>) => made.budgets.labourMin.planned;
const plain = plan({});

describe('off and on, or masked', () => {
  test.each([
    [10, 20, 8, 3, false, '30 against 24: mask'],
    [10, 20, 8, 4, true, '30 against 32: off'],
    [10, 20, 10, 3, true, '30 against 30: off, no tape edge stays'],
    [10, 20, 8, 0, false, 'no pass at all: nothing to mask, it stays'],
  ])('%d + %d min, %d a pass, %d passes', (removeMin, refitMin, maskMin, passes, remove) => {
    expect(fittingAdvice(fitting({ removeMin, refitMin, maskMin }), passes).remove).toBe(remove);
  });

  test('what is done up or bought comes off whatever the minutes; the manager’s word stands', () => {
    expect(fittingAdvice(fitting({ needs: 'refurbish', maskMin: 1 }), 1).remove).toBe(true);
    expect(fittingAdvice(fitting({ needs: 'buy', choice: 'mask' }), 5).remove).toBe(false);
    expect(fittingAdvice(fitting({ choice: 'remove', maskMin: 0 }), 5).remove).toBe(true);
  });
});

describe('the minutes stand in the steps', () => {
  const passes = passesOf(plain.steps, 'sides');

  test('taken off: removal and refit, nothing at the masking', () => {
    const made = plan({ fittings: [fitting({ choice: 'remove' })] });
    expect(passes).toBeGreaterThan(0);
    expect(step(made, 'strip-down').personMinutes - step(plain, 'strip-down').personMinutes).toBe(10);
    expect(step(made, 'refit').personMinutes - step(plain, 'refit').personMinutes).toBe(20);
    expect(labour(made) - labour(plain)).toBe(30);
  });

  test('masked: its minutes once in every pass of its section', () => {
    const made = plan({ fittings: [fitting({ choice: 'mask' })] });
    expect(labour(made) - labour(plain)).toBe(8 * passes);
  });

  test('what is off already is only refitted; what is refitted costs nothing more', () => {
    expect(labour(plan({ fittings: [fitting({ choice: 'remove', state: 'off' })] })) - labour(plain)).toBe(
      20,
    );
    expect(labour(plan({ fittings: [fitting({ choice: 'remove', state: 'refitted' })] }))).toBe(
      labour(plain),
    );
  });

  test('bench work is a step of its own between strip-down and refit', () => {
    const made = plan({ fittings: [fitting({ needs: 'refurbish', benchMin: 90 })] });
    const bench = made.steps.find((one) => one.key === 'fittings/bench')!;
    expect(bench.personMinutes).toBe(90);
    expect(bench.start).toBeGreaterThanOrEqual(step(made, 'strip-down').end);
    expect(step(made, 'refit').start).toBeGreaterThanOrEqual(bench.end);
  });

  test('held trim is not begun before the last compound is off, trim meanwhile is', () => {
    const fittings = [fitting({ needs: 'refurbish', benchMin: 90 })];
    const off = (made: ReturnType<typeof plan>) =>
      Math.max(...made.steps.filter((one) => one.operation === 'wash-compound').map((one) => one.end));
    const meanwhile = plan({ fittings });
    expect(step(meanwhile, 'bench-trim').start).toBeLessThan(off(meanwhile));
    const held = plan({ fittings, schools: { trim: 'held' } });
    expect(step(held, 'bench-trim').start).toBeGreaterThanOrEqual(off(held));
  });

  test('refit waits for the day the last piece is promised back', () => {
    const made = plan({ fittings: [fitting({ needs: 'buy', readyOn: '2027-05-10' })] });
    expect(step(made, 'refit').start).toBeGreaterThanOrEqual(minuteAt('2027-05-10', 0, demoShop.timeZone));
    expect(step(plain, 'refit').start).toBeLessThan(minuteAt('2027-05-10', 0, demoShop.timeZone));
  });
});

describe('holes and gates', () => {
  const hole = {
    id: 'h1',
    part: 'B2L',
    diameterMm: 8,
    fromLeftMm: 100,
    fromTopMm: 50,
    sealant: '',
    done: false,
    note: '',
  } as const;

  test('filled 20 min, opened again another 10, kept or done nothing', () => {
    expect(labour(plan({ holes: [{ ...hole, action: 'fill' }] })) - labour(plain)).toBe(20);
    expect(labour(plan({ holes: [{ ...hole, action: 'reopen' }] })) - labour(plain)).toBe(30);
    expect(labour(plan({ holes: [{ ...hole, action: 'keep' }] }))).toBe(labour(plain));
    expect(labour(plan({ holes: [{ ...hole, action: 'fill', done: true }] }))).toBe(labour(plain));
  });

  test('a hull’s hole is filled with its fairing', () => {
    const hull = plan({}, 'open-hull');
    const made = plan({ holes: [{ ...hole, part: 'TR', action: 'fill' }] }, 'open-hull');
    expect(labour(made) - labour(hull)).toBe(20);
  });

  test('open gates are a stop for their section, ticked ones are not', () => {
    const gate = {
      id: 'g1',
      section: 'roof',
      kind: 'dry-fit',
      what: 'hatch',
      gapMm: 4,
      flushMm: 0.5,
      attempts: 2,
      doneOn: null,
      holds: 'prime',
    } as const;
    const of = (done: boolean) =>
      plan({
        gates: [
          { ...gate, done },
          { ...gate, id: 'g2', done },
        ],
      }).warnings.filter((one) => one.code === 'gate-open');
    expect(of(false)).toEqual([{ code: 'gate-open', section: 'roof', open: 2, holds: 'prime' }]);
    expect(of(true)).toEqual([]);
  });
});

test('a spot that must not be stripped is warned of where the old finish comes off, and only there', () => {
  const surveyed = [{ ...blankSurvey('R1'), reference: 'stencil' }];
  const warnings = (job: Job) => plan(job).warnings.filter((one) => one.code === 'reference-spot');
  const base = jobFixture({ level: 'Road' });
  expect(warnings({ ...base, surveyed })).toEqual([{ code: 'reference-spot', part: 'R1', what: 'stencil' }]);
  const scuffed = [{ ...surveyed[0]!, depth: 'scuff' as const }];
  expect(warnings({ ...base, surveyed: scuffed })).toEqual([]);
});

describe('the allowance for what is not seen yet', () => {
  test('of unknown year nothing is held, and what was found takes its hours all the same', () => {
    expect(of(null)).toBeNull();
    expect(of(null, 'many', [2, 1.5])).toEqual({ share: 0, heldMin: 0, foundMin: 210, leftMin: 0 });
  });

  const find = (hours: number) => ({ id: `x${hours}`, part: 'B2L', hours, what: '', onDate: '2026-12-01' });
  const of = (
    builtYear: number | null,
    priorRepair: 'none' | 'some' | 'many' = 'none',
    hours: number[] = [],
  ) => allowanceOf({ builtYear, priorRepair, finds: hours.map(find), decisions: [] }, 6000, 2026);

  test('by age: 5 % to ten years, 15 % to thirty, 25 % to fifty, 30 % beyond; 10 or 20 % more where it was repaired', () => {
    const share = (year: number, repair: 'none' | 'some' | 'many' = 'none') => of(year, repair)!.share;
    expect([2026, 2016, 2015, 1996, 1995, 1976, 1975].map((year) => share(year))).toEqual([
      0.05, 0.05, 0.15, 0.15, 0.25, 0.25, 0.3,
    ]);
    expect(share(1974, 'some')).toBeCloseTo(0.4, 9);
    expect(share(1974, 'many')).toBeCloseTo(0.5, 9);
    expect(of(null)).toBeNull();
  });

  test('100 h of such work on an object of 1974: 30 h held; finds of 12 and 8 h leave 10; more leaves nothing', () => {
    expect(of(1974, 'none', [12, 8])).toMatchObject({ heldMin: 1800, foundMin: 1200, leftMin: 600 });
    expect(of(1974, 'none', [40])).toMatchObject({ foundMin: 2400, leftMin: 0 });
  });

  test('it stands in the hours expected, and a find takes from it before it adds', () => {
    const held = plan({ builtYear: 1974 });
    expect(labour(held) - labour(plain)).toBe(held.allowance!.heldMin);
    const found = plan({ builtYear: 1974, finds: [find(2)] });
    expect(labour(found)).toBe(labour(held));
    const more = plan({ builtYear: 1974, finds: [find(held.allowance!.heldMin / 60 + 1)] });
    expect(labour(more) - labour(held)).toBe(60);
  });
});
