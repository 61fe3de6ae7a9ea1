import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob, type Plan } from '../plan';
import { acceptedSample } from '../record/sample.fixture';
import type { Job, Milestone, Opening, SendOut } from '../record';
import { minuteAt } from '../units';

const zone = demoShop.timeZone;
const at = (date: string) => minuteAt(date, 0, zone);
const plan = (over: Partial<Job> = {}) =>
  planJob({
    job: { ...jobFixture({ bodyKind: 'box-body', level: 'Road' }), ...over },
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    now: at('2026-11-23'),
    commitments: [],
    agreedStarts: new Map(),
  });
const base = plan();
const inPhase = (made: Plan, phase: string) => made.steps.filter((step) => step.phase === phase);
const firstOf = (made: Plan, phase: string) => Math.min(...inPhase(made, phase).map((step) => step.start));

const milestone = (given: Partial<Milestone>): Milestone => ({
  id: 'm',
  trade: 'chassis',
  what: 'rolling chassis',
  tie: 'before',
  phase: 'colour',
  onDate: null,
  accessLost: '',
  done: false,
  toldDate: null,
  ...given,
});
const sent = (given: Partial<SendOut>): SendOut => ({
  id: 's',
  what: 'blasting',
  part: 'B2L',
  vendor: '',
  leadDays: 10,
  leadIn: 'calendar',
  leaveAt: null,
  backAt: null,
  sentOn: null,
  dueOn: null,
  returnedOn: null,
  condition: '',
  phase: 'epoxy',
  ...given,
});

describe('openings', () => {
  const opening = (method: Opening['method']): Opening => ({
    id: 'o',
    part: 'B2L',
    what: 'door aperture',
    lengthM: 4,
    method,
    barrier: 'the seal',
    exit: 'below',
  });
  const masked = (made: Plan) => made.steps.filter((step) => step.operation === 'mask');

  // Set up once and by the metre: foam 2 + 4 × 2 = 10, back-taped 3 + 4 × 6 = 27, wrapped 8 + 4 × 2 = 16 minutes.
  test.each([
    ['foam', 10],
    ['back-taped', 27],
    ['wrapped', 16],
    ['sprayed-together', 0],
  ] as const)('%s: %d minutes more in each pass that masks its section', (method, more) => {
    const made = plan({ openings: [opening(method)] });
    const before = new Map(masked(base).map((step) => [step.key, step.personMinutes]));
    const on = masked(made).filter((step) => step.sections.includes('sides'));
    expect(on.length).toBeGreaterThan(0);
    for (const step of on) {
      expect(step.personMinutes - before.get(step.key)!).toBe(more);
      expect(step.checks.join()).toContain('door aperture');
    }
  });

  test('an opening of a panel that is not there changes nothing', () => {
    const made = plan({ openings: [{ ...opening('foam'), part: 'ZZ' }] });
    expect(made.budgets.labourMin).toEqual(base.budgets.labourMin);
  });
});

describe('covers and blend lines', () => {
  test('what overspray harms stands with the coats, what dust harms with the sanding, and not the other way', () => {
    const covers = [
      { id: 'a', what: 'soft top', harm: 'overspray' as const, cover: 'film' },
      { id: 'b', what: 'engine', harm: 'dust' as const, cover: '' },
    ];
    for (const step of plan({ covers }).steps) {
      expect(step.checks.includes('cover soft top with film')).toBe(step.coat !== null);
      expect(step.checks.includes('cover engine')).toBe(step.tags.includes('dusty'));
    }
  });

  test('a blend line stands with the last clear of its section only', () => {
    const blend = { id: 'b', part: 'B2L', line: 'the roof gutter', material: 'blender', widthMm: 120 };
    const made = plan({ blends: [{ ...blend, timing: 'clear' }] });
    const told = made.steps.filter((step) => step.checks.some((check) => check.includes('roof gutter')));
    expect(told).toHaveLength(1);
    expect(told[0]!.coat).toMatchObject({ role: 'clear' });
    const clears = made.steps.filter(
      (step) => step.coat?.role === 'clear' && step.sections.includes(told[0]!.sections[0]!),
    );
    expect(told[0]!.start).toBe(Math.max(...clears.map((step) => step.start)));
  });
});

describe('work of others', () => {
  const late = '2027-03-01';

  test('a trade that comes before a stretch holds it until its day; once done it holds nothing', () => {
    const made = plan({ milestones: [milestone({ onDate: late })] });
    expect(firstOf(base, 'colour')).toBeLessThan(at(late));
    expect(firstOf(made, 'colour')).toBeGreaterThanOrEqual(at(late));
    expect(firstOf(made, 'epoxy')).toBe(firstOf(base, 'epoxy'));
    const done = plan({ milestones: [milestone({ onDate: late, done: true })] });
    expect(firstOf(done, 'colour')).toBe(firstOf(base, 'colour'));
  });

  test('without a day the stretch is planned but not booked', () => {
    const made = plan({ milestones: [milestone({})] });
    expect(inPhase(made, 'colour').every((step) => step.heldBy.includes('rolling chassis'))).toBe(true);
    expect(inPhase(made, 'epoxy').every((step) => step.heldBy.length === 0)).toBe(true);
  });

  test('one that waits is told the day after the stretch ends, and told anew when it moves', () => {
    const waits = milestone({ tie: 'after', phase: 'finish', onDate: '2026-12-01' });
    const [told] = plan({ milestones: [waits] }).trades;
    expect(told).toMatchObject({ clashes: true, toTell: true });
    const last = Math.max(...inPhase(base, 'finish').map((step) => step.end));
    expect(at(told!.day!)).toBeGreaterThan(last);
    expect(at(told!.day!) - last).toBeLessThanOrEqual(1440);
    const again = plan({ milestones: [{ ...waits, onDate: null, toldDate: told!.day }] }).trades[0];
    expect(again).toMatchObject({ clashes: false, toTell: false });
  });

  test('a piece outside holds the stretch of its own section until it is due, ten days after it was sent', () => {
    const own = (made: Plan, key: string) =>
      Math.min(
        ...inPhase(made, 'epoxy')
          .filter((step) => step.sections.includes(key))
          .map((step) => step.start),
      );
    const section = base.parts.find((part) => part.key === 'B2L')!.section;
    const made = plan({ sendOuts: [sent({ sentOn: '2027-02-20' })] });
    expect(own(made, section)).toBeGreaterThanOrEqual(at('2027-03-02'));
    const back = plan({ sendOuts: [sent({ sentOn: '2027-02-20', returnedOn: '2026-11-23' })] });
    expect(own(back, section)).toBe(own(base, section));
    const unknown = plan({ sendOuts: [sent({})] });
    expect(
      inPhase(unknown, 'epoxy')
        .filter((step) => step.sections.includes(section))
        .every((step) => step.heldBy.includes('blasting is outside')),
    ).toBe(true);
  });
});

describe('the first article', () => {
  const schools = { 'first-article': 'one-first' as const };

  test('holds the sessions of the others from being booked until it is accepted', () => {
    const job = jobFixture({ bodyKind: 'tractor-unit', level: 'Road' });
    const samples = job.colours.map(({ id }) => acceptedSample(id));
    const made = plan({ ...job, schools, samples });
    const approval = made.steps.find((step) => step.operation === 'approve-first');
    expect(approval).toBeDefined();
    const held = made.steps.filter((step) => step.heldBy.includes('first article not accepted'));
    expect(held.length).toBeGreaterThan(0);
    expect(held.every((step) => step.start >= approval!.end)).toBe(true);
    const signOff = {
      step: approval!.key,
      name: 'Owner',
      licence: '',
      date: '2026-12-01',
      signedBy: '',
      bound: null,
    };
    const accepted = plan({ ...job, schools, samples, signOffs: [signOff] });
    expect(accepted.steps.every((step) => step.heldBy.length === 0)).toBe(true);
  });
});
