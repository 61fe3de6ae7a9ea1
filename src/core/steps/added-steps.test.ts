import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import type { AddedStep, Job } from '../record';
import { minuteAt } from '../units';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 450, demoShop.timeZone);
const base = jobFixture({ level: 'Work' });
const planned = (over: Partial<Job> = {}) =>
  planJob({
    job: { ...base, ...over },
    shop: demoShop,
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
type Plan = ReturnType<typeof planned>;
const plain = planned();
const of = (plan: Plan, key: string) => plan.steps.find((step) => step.key === key)!;
const refused = (plan: Plan) =>
  plan.warnings.flatMap((one) => (one.code === 'order-refused' ? [[one.step, one.after]] : []));
const added = (id: string, after: string, over: Partial<AddedStep> = {}): AddedStep => ({
  id,
  operation: 'own-work',
  name: id,
  section: 'sides',
  personMinutes: 120,
  after,
  before: null,
  note: '',
  ...over,
});
const mask = plain.steps.find((one) => one.operation === 'mask' && one.sections.includes('sides'))!;

describe('steps put in by hand', () => {
  test('follow each other, whichever was added first', () => {
    const plan = planned({ addedSteps: [added('second', 'added/first'), added('first', mask.key)] });
    expect(of(plan, 'added/second').start).toBeGreaterThanOrEqual(of(plan, 'added/first').end);
    expect(of(plan, 'added/first').start).toBeGreaterThanOrEqual(of(plan, mask.key).end);
    expect(refused(plan)).toEqual([]);
  });

  test('in a ring are told, and planned without the link that closes it', () => {
    const plan = planned({ addedSteps: [added('a', 'added/b'), added('b', 'added/a')] });
    expect(refused(plan)).toEqual([['added/b', 'added/a']]);
    expect(of(plan, 'added/a').start).toBeGreaterThanOrEqual(of(plan, 'added/b').end);
    const own = planned({ addedSteps: [added('a', 'added/a')] });
    expect(refused(own)).toEqual([['added/a', 'added/a']]);
  });

  test('stand in the stretch of what they follow, and wait with it for other trades', () => {
    const plan = planned({ addedSteps: [added('a', mask.key)] });
    expect(of(plan, 'added/a').phase).toBe('mask');
    const milestones: Job['milestones'] = [
      {
        id: 'm',
        trade: 'glass',
        what: 'Glass out',
        tie: 'before',
        phase: 'mask',
        onDate: '2027-03-01',
        accessLost: '',
        done: false,
        toldDate: null,
      },
    ];
    const waits = planned({ addedSteps: [added('a', mask.key)], milestones });
    expect(of(waits, 'added/a').start).toBeGreaterThanOrEqual(minuteAt('2027-03-01', 0, demoShop.timeZone));
  });

  test('wait for the film they meet: sanding after a coat no sooner than its sheet says', () => {
    const coat = plain.steps.filter((one) => one.coat !== null && one.sections.includes('sides')).at(-1)!;
    const sheet = shelf.get(coat.coat!.product)!.coating!;
    const plan = planned({ addedSteps: [added('rub', coat.key, { operation: 'nib' })] });
    const rub = of(plan, 'added/rub');
    const waited = rub.start - of(plan, coat.key).end;
    expect(sheet.sandAfterMin).toBeGreaterThan(60);
    // At the shop's air it takes no less than two thirds of what the sheet says at 20 °C, and as a rule longer.
    expect(waited).toBeGreaterThanOrEqual((2 / 3) * sheet.sandAfterMin!);
    expect(rub.whyNotEarlier.some((why) => JSON.stringify(why).includes('sand-after'))).toBe(true);
  });
});

describe('a piece that is outside', () => {
  const wings = jobFixture({ level: 'Work', dimensions: { wings: 2 } });
  const panels = planned(wings)
    .parts.filter((one) => one.section === 'wings')
    .map((one) => one.key);
  const sent = (part: string, over: Partial<Job['sendOuts'][number]> = {}): Job['sendOuts'][number] => ({
    id: `o.${part}`,
    what: part,
    part,
    vendor: 'Plater',
    leadDays: 10,
    leadIn: 'calendar',
    leaveAt: null,
    backAt: null,
    sentOn: '2026-11-20',
    dueOn: '2027-03-01',
    returnedOn: null,
    condition: '',
    phase: 'refit',
    ...over,
  });
  const due = minuteAt('2027-03-01', 0, demoShop.timeZone);
  const startsOn = (plan: Plan, section: string) =>
    plan.steps
      .filter((one) => one.sections.length > 0 && one.sections.every((key) => key === section))
      .map((one) => one.start);

  test('is worked by nobody until it is back, whatever stretch waits for it', () => {
    expect(panels.length).toBeGreaterThan(1);
    const away = planned({ ...wings, sendOuts: panels.map((part) => sent(part)) });
    const starts = startsOn(away, 'wings');
    expect(starts.length).toBeGreaterThan(3);
    expect(Math.min(...starts)).toBeGreaterThanOrEqual(due);
    expect(Math.min(...startsOn(away, 'roof'))).toBeLessThan(due);
    const back = planned({
      ...wings,
      sendOuts: panels.map((part) => sent(part, { returnedOn: '2026-11-22' })),
    });
    expect(Math.min(...startsOn(back, 'wings'))).toBeLessThan(due);
  });

  test('holds nothing but its stretch while the rest of its section is here', () => {
    const some = planned({ ...wings, sendOuts: [sent(panels[0]!)] });
    expect(Math.min(...startsOn(some, 'wings'))).toBeLessThan(due);
    const later = some.steps.filter((one) => one.phase === 'refit' && one.sections.includes('wings'));
    for (const step of later) expect(step.start).toBeGreaterThanOrEqual(due);
  });
});
