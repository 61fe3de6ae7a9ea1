import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { blankStepEdit, type Job, type StepEdit } from '../record';
import { partsOfJob } from '../survey';
import { minuteAt } from '../units';
import { buildSteps } from './builder';

const base = jobFixture({ level: 'Work' });
const plan = (stepEdits: Partial<StepEdit>[], over: Partial<Job> = {}) =>
  planJob({
    job: {
      ...base,
      ...over,
      stepEdits: stepEdits.map((one) => ({
        ...blankStepEdit('none'),
        ...one,
      })),
    },
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    now: minuteAt('2026-11-23', 450, 'Europe/London'),
    commitments: [],
    agreedStarts: new Map(),
  });
const plain = plan([]);
const of = (made: ReturnType<typeof plan>, key: string) => made.steps.find((step) => step.key === key)!;
const mask = plain.steps.find((step) => step.operation === 'mask')!;
const codes = (made: ReturnType<typeof plan>) => made.warnings.map((one) => one.code);

describe('hours by hand', () => {
  test('replace the computed ones, which stay beside them; two people share 190 min at 0.95 in 100', () => {
    const made = plan([{ step: mask.key, personMinutes: 190 }]);
    expect(of(made, mask.key)).toMatchObject({
      personMinutes: 190,
      computedMinutes: mask.personMinutes,
      minutes: 100,
      crew: 2,
    });
    const difference = made.budgets.labourMin.planned - plain.budgets.labourMin.planned;
    expect(difference).toBe(190 - mask.personMinutes);
  });

  test('survive a rebuild with another level, and come back with their step', () => {
    const edit = { step: mask.key, personMinutes: 190 };
    const sections = (level: 'Keep' | 'Show') => base.sections.map((one) => ({ ...one, level }));
    expect(of(plan([edit], { sections: sections('Show') }), mask.key).personMinutes).toBe(190);
    const gone = plan([{ step: 'roof/no-such-work', personMinutes: 10 }]);
    expect(gone.warnings).toContainEqual({ code: 'edit-without-step', step: 'roof/no-such-work' });
  });

  test('a note alone changes no minute', () => {
    const made = plan([{ step: mask.key, note: 'foam in the door gaps' }]);
    expect(of(made, mask.key)).toMatchObject({
      note: 'foam in the door gaps',
      personMinutes: mask.personMinutes,
      computedMinutes: null,
    });
  });
});

describe('leaving a step out', () => {
  test('takes its time, its people and its goods, and keeps its place in the order', () => {
    const made = plan([{ step: mask.key, skipped: true }]);
    const left = of(made, mask.key);
    expect(left).toMatchObject({ skipped: true, minutes: 0, personMinutes: 0, needs: [], crew: 0 });
    expect(demoShop.people.some((person) => left.uses.includes(person.id))).toBe(false);
    expect(codes(made)).toContain('skipped');
    const after = made.steps.filter((step) => step.coat && step.sections.includes(mask.sections[0]!));
    const paint = after.find((step) => step.coat!.session.endsWith('/paint'))!;
    expect(paint.start).toBeGreaterThanOrEqual(left.end);
    expect(made.budgets.materialsMinor.planned).toBeLessThan(plain.budgets.materialsMinor.planned);
  });

  test('a coat and a wait of the film are refused with the reason and stay as they were', () => {
    const coat = plain.steps.find((step) => step.coat)!;
    const wait = plain.steps.find((step) => step.kind === 'passive' && step.minutes > 0)!;
    const made = plan([
      { step: coat.key, skipped: true },
      { step: wait.key, skipped: true },
    ]);
    expect(made.warnings).toContainEqual({ code: 'skip-refused', step: coat.key, why: 'coat' });
    expect(made.warnings).toContainEqual({ code: 'skip-refused', step: wait.key, why: 'film' });
    expect(of(made, coat.key).minutes).toBe(coat.minutes);
  });

  test('a licensed hold is never left out', () => {
    const aircraft = jobFixture({ bodyKind: 'low-wing' });
    const made = plan([{ step: 'hold/weight', skipped: true }], aircraft);
    expect(made.warnings).toContainEqual({ code: 'skip-refused', step: 'hold/weight', why: 'hold' });
  });
});

test('a step given to a quicker hand takes less: at a pace of 1.25 four fifths of the minutes, flashes apart', () => {
  const given = { ...jobFixture({ bodyKind: 'box-body', level: 'Road' }) };
  const build = (pace: number) => {
    const people = demoShop.people.map((person) => (person.id === 'dot' ? { ...person, pace } : person));
    const edit = { ...blankStepEdit('sides/block-1-p180'), person: 'dot' };
    const job = { ...given, stepEdits: [edit] };
    const parts = partsOfJob(job);
    const network = buildSteps({ job, parts, shop: { ...demoShop, people }, shelf: shelfOf(standardShelf) });
    return network.steps.find((step) => step.key === 'sides/block-1-p180')!;
  };
  const [usual, quick] = [build(1), build(1.25)];
  expect(usual.person).toBe('dot');
  expect(quick.personMinutes).toBe(Math.round(usual.personMinutes / 1.25));
  expect(quick.minutes).toBe(Math.ceil(usual.minutes / 1.25));
});

describe('a pinned step', () => {
  const first = plain.steps.find((step) => step.operation === 'mask')!;
  const at = (date: string, hour: number) => minuteAt(date, hour * 60, 'Europe/London');

  test('begins at its minute when the work allows, and what follows moves with it', () => {
    // Monday 8 March 2027 at nine, weeks after it could begin.
    const startAt = at('2027-03-08', 9);
    const made = plan([{ step: first.key, startAt }]);
    const pinned = made.steps.find((step) => step.key === first.key)!;
    expect([pinned.start, pinned.pinnedAt]).toEqual([startAt, startAt]);
    expect(made.finish!).toBeGreaterThan(plain.finish!);
    expect(made.warnings.some((warning) => warning.code === 'pin-missed')).toBe(false);
  });

  test('on a Sunday, or before what it stands on, it begins as soon as it may, and that is said', () => {
    const sunday = plan([{ step: first.key, startAt: at('2027-03-07', 9) }]);
    const monday = sunday.steps.find((step) => step.key === first.key)!;
    expect(monday.start).toBeGreaterThanOrEqual(at('2027-03-08', 7));
    expect(sunday.warnings).toContainEqual({
      code: 'pin-missed',
      step: first.key,
      wanted: at('2027-03-07', 9),
      start: monday.start,
    });
    const early = plan([{ step: first.key, startAt: at('2026-11-23', 8) }]);
    expect(early.steps.find((step) => step.key === first.key)!.start).toBe(first.start);
    expect(early.warnings.some((warning) => warning.code === 'pin-missed')).toBe(true);
  });
});
