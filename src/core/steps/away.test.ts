import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { planJob } from '../plan';
import { blankSurvey, type Job, type SendOut } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { partsOfJob } from '../survey';
import { minuteAt } from '../units';

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
    expect([min, why]).toEqual([9 * 1440, { code: 'away', vendor: 'Lowmoor Stripping', days: 9 }]);
  expect(waits([row()]).length).toBeGreaterThan(0);
  const made = plan([row()]);
  const out = made.steps.find((step) => step.key === 'shell/strip')!;
  const later = made.steps.filter(
    (step) => step.start >= out.end && step.sections.includes('shell') && step.crew > 0 && step.coat === null,
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
