import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { planJob } from '../plan';
import { baseOf, blankSurvey, type Job, type SendOut } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { partsOfJob } from '../survey';
import { addDays, localDateOf, minuteAt, minuteOfDay } from '../units';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 450, demoShop.timeZone);
const given = jobFixture({ bodyKind: 'saloon', level: 'Road' }, { depth: 'bare' });
const parts = partsOfJob(given);
const base: Job = {
  ...given,
  surveyed: parts.map(({ key }) => ({ ...blankSurvey(key), method: 'outside' })),
  samples: [acceptedSample(given.colours[0]!.id)],
};
const panel = parts.find((part) => part.section === 'shell')!.key;
const row = (over: Partial<SendOut> = {}): SendOut => ({
  id: 's1',
  what: 'shell to be stripped',
  part: panel,
  vendor: 'Lowmoor Stripping',
  leadDays: 9,
  leadIn: 'calendar',
  leaveAt: null,
  backAt: null,
  sentOn: null,
  dueOn: null,
  returnedOn: null,
  condition: '',
  phase: 'metal',
  ...over,
});
const plan = (sendOuts: SendOut[]) =>
  planJob({
    job: { ...base, sendOuts },
    shop: demoShop,
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
const waits = (sendOuts: SendOut[]) => {
  const { links } = readyJob({ ...base, sendOuts }, { shop: demoShop, shelf }, now).build();
  return links.filter((one) => one.from === 'shell/strip');
};

test('what is sent out is away for the days of its vendor, and nothing is done to it meanwhile', () => {
  for (const { min, why } of waits([row()]))
    expect([min, why]).toMatchObject([9 * 1440, { code: 'away', vendor: 'Lowmoor Stripping', days: 9 }]);
  expect(waits([row()]).length).toBeGreaterThan(0);
  const made = plan([row()]);
  const out = made.steps.find((step) => step.key === 'shell/strip')!;
  const later = made.steps.filter(
    (step) =>
      step.start >= out.end &&
      step.sections.some((one) => baseOf(one) === 'shell') &&
      step.crew > 0 &&
      step.coat === null,
  );
  expect(Math.min(...later.map((step) => step.start))).toBeGreaterThanOrEqual(out.end + 9 * 1440);
});

test('without a row the service of the shelf says its days; once it is back nothing waits', () => {
  const { leadDays } = shelf.get('outside-stripping')!;
  expect(waits([]).every((one) => one.min === leadDays * 1440)).toBe(true);
  expect(waits([row({ returnedOn: '2026-11-20' })]).every((one) => one.min === 0)).toBe(true);
});

test('what keeps its paint is neither sent out nor washed down or cleaned of rust', () => {
  const sections = base.sections.map((one) => ({ ...one, level: 'Keep' as const }));
  const { steps } = readyJob({ ...base, sections }, { shop: demoShop, shelf }, now).build();
  expect(steps.filter(({ operation }) => /send-out|flash-rust|wash-down/.test(operation))).toEqual([]);
});

test('the wash bay is free while the body is away', () => {
  const made = plan([row()]);
  const out = made.steps.find((step) => step.key === 'shell/strip')!;
  expect(out.hold).toBeNull();
  const held = made.stays.filter(
    (stay) => stay.placeKind === 'wash' && stay.start < out.end && stay.end > out.end + 1440,
  );
  expect(held).toEqual([]);
});

describe('the hours of leaving and return', () => {
  const zone = demoShop.timeZone;
  const outOf = (sendOuts: SendOut[]) => {
    const made = plan(sendOuts);
    const out = made.steps.find((step) => step.key === 'shell/strip')!;
    const worked = made.steps.filter(
      (step) =>
        step.start >= out.end &&
        step.sections.some((one) => baseOf(one) === 'shell') &&
        step.crew > 0 &&
        step.coat === null,
    );
    return { out, next: Math.min(...worked.map((step) => step.start)) };
  };

  test('it is handed over by two o’clock, and back at ten after three open days, a weekend between', () => {
    const { out, next } = outOf([row({ leadDays: 3, leadIn: 'open', leaveAt: 840, backAt: 600 })]);
    expect(minuteOfDay(out.end, zone)).toBe(840);
    // Counted on a calendar of its own: days from Monday to Friday that the demo does not close.
    const closed = new Set(demoShop.closures.map((one) => one.date));
    let [day, left] = [localDateOf(out.end, zone), 3];
    while (left > 0) {
      day = addDays(day, 1);
      const weekday = new Date(`${day}T12:00:00Z`).getUTCDay();
      if (weekday > 0 && weekday < 6 && !closed.has(day)) left -= 1;
    }
    expect(next).toBeGreaterThanOrEqual(minuteAt(day, 600, zone));
    expect(next).toBeLessThan(minuteAt(day, 600, zone) + 1440);
  });

  test('a typed day of leaving and of return stand, whatever days the vendor says', () => {
    const typed = row({ sentOn: '2027-01-18', leaveAt: 840, dueOn: '2027-01-27', backAt: 780, leadDays: 3 });
    const { out, next } = outOf([typed]);
    expect(out.end).toBe(minuteAt('2027-01-18', 840, zone));
    expect(next).toBeGreaterThanOrEqual(minuteAt('2027-01-27', 780, zone));
    expect(next).toBeLessThan(minuteAt('2027-01-28', 780, zone));
  });

  test('what was due and is not back is not booked', () => {
    const late = row({ sentOn: '2026-11-02', dueOn: '2026-11-16' });
    const gone = parts
      .filter((part) => part.section === 'shell')
      .map(({ key }, i) => ({ ...late, id: `s${i}`, part: key }));
    const held = plan(gone).steps.filter((step) =>
      step.heldBy.includes('shell to be stripped is outside and overdue'),
    );
    expect(held.length).toBeGreaterThan(0);
    // Nor is what comes behind it: it is handed over when it is done.
    expect(held.map((step) => step.key)).toContain('handover');
  });
});
