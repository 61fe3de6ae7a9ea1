import { demoShop } from '../../demo/shop';
import { outsideQuoteFaults } from '../checks';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { blankSurvey, type Job, type JobSection, type PartSurvey } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { partsOfJob } from '../survey';
import { minuteAt } from '../units';

const around = { shop: demoShop, shelf: shelfOf(standardShelf) };
const now = minuteAt('2026-11-25', 600, demoShop.timeZone);
const jobOf = (section: Partial<JobSection>, over: Partial<Job> = {}): Job => ({
  ...jobFixture({ bodyKind: 'saloon', level: 'Road', ...over }, section),
  samples: [acceptedSample(jobFixture().colours[0]!.id)],
});
const [door] = partsOfJob(jobOf({})).filter((part) => part.section === 'closures');
const surveyed = (one: Partial<PartSurvey>): PartSurvey[] => [{ ...blankSurvey(door!.key), ...one }];
const build = (job: Job) => readyJob(job, around, now).build();
const strip = (section: Partial<JobSection>) =>
  build(jobOf(section)).steps.find((step) => step.key === 'shell/strip')!;

test('lacquer is taken off with thinner, but from plastic by disc; enamel on steel by disc, on aluminium with gel', () => {
  const of = (oldFinish: JobSection['oldFinish'], substrate: JobSection['substrate']) =>
    strip({ depth: 'bare', oldFinish, substrate }).operation;
  expect(of('lacquer', 'steel')).toBe('strip-solvent');
  expect(of('lacquer', 'aluminium')).toBe('strip-solvent');
  expect(of('lacquer', 'plastic')).toBe('strip-disc');
  expect(of('enamel', 'steel')).toBe('strip-disc');
  expect(of('enamel', 'aluminium')).toBe('strip-chemical');
});

test('clear that lifts comes off whole: 52 min/m² to sound colour, never feathered; under a scuff it is a stop', () => {
  const sound = strip({ depth: 'stable', oldFinish: 'peeling-clear' });
  expect([sound.operation, sound.figure.rate]).toEqual(['sand-clear-off', 52]);
  expect(sound.name).not.toContain('feather');
  expect(strip({ depth: 'stable', oldFinish: 'enamel' }).operation).toBe('sand-stable');
  const told = (section: Partial<JobSection>) =>
    build(jobOf(section)).warnings.filter((one) => one.code === 'lifting-kept').length;
  expect(told({ depth: 'scuff', oldFinish: 'peeling-clear' })).toBeGreaterThan(0);
  expect(told({ depth: 'stable', oldFinish: 'peeling-clear' })).toBe(0);
  expect(told({ depth: 'scuff', oldFinish: 'enamel' })).toBe(0);
});

test('what stays and was never tested is rubbed with thinner and sanded at a spot; what goes to bare needs neither', () => {
  const tests = (section: Partial<JobSection>) =>
    build(jobOf(section)).steps.flatMap(({ operation }) =>
      operation === 'test-solvent' || operation === 'test-sanding' ? [operation] : [],
    );
  expect(new Set(tests({ depth: 'stable', oldFinish: 'enamel' }))).toEqual(
    new Set(['test-solvent', 'test-sanding']),
  );
  expect(tests({ depth: 'bare', oldFinish: 'enamel' })).toEqual([]);
});

test('a spot that must not be stripped is spared by every step that takes anything off, until it is read', () => {
  const lines = (over: Partial<PartSurvey>) =>
    build({
      ...jobOf({ depth: 'bare', oldFinish: 'enamel' }),
      surveyed: surveyed({ reference: 'unfaded green', ...over }),
    }).steps.flatMap((step) =>
      step.checks.some((one) => one.startsWith(`spare the spot on ${door!.key}`)) ? [step.operation] : [],
    );
  expect(lines({})).toEqual(expect.arrayContaining(['wash', 'strip-disc', 'metalwork']));
  const lab: [number, number, number] = [50, 0, 0];
  const read = {
    referenceColour: { lab, source: 'typed', readOn: '2026-11-20' },
  } as unknown as Partial<PartSurvey>;
  expect(lines(read)).toEqual([]);
});

test('until the patch on an unknown film has a verdict its first coat is planned and not booked', () => {
  const section = { depth: 'stable', oldFinish: 'unknown' } as const;
  const held = (one: Partial<PartSurvey> | null) => {
    const network = build({ ...jobOf(section), surveyed: one === null ? [] : surveyed(one) });
    const coat = network.steps.find((step) => step.coat && step.sections.includes('closures'))!;
    return [
      coat.heldBy.includes('verdict on the test patch'),
      network.warnings.some((w) => w.code === 'patch-open'),
    ];
  };
  expect(held(null)).toEqual([true, true]);
  expect(held({ patch: 'holds', solventTest: 'softens' })).toEqual([false, false]);
});

test('a quote of an outside stripper is refused where its method is: laminate and skins, not steel', () => {
  const quote = (over: Partial<Job>, section: Partial<JobSection>) => {
    const job = jobOf(section, over);
    return outsideQuoteFaults(job, [partsOfJob(job)[0]!.key], 'set.outsideQuoteMinor');
  };
  expect(quote({}, { substrate: 'steel' })).toEqual([]);
  expect(quote({}, { substrate: 'laminate' })[0]!.reason).toContain('laminate');
  expect(quote({ bodyKind: 'low-wing' }, {})[0]!.reason).toContain('skin of an aircraft');
});
