import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey, type Job, type LeadTest, type StepFact } from '../record';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ bodyKind: 'coupe', level: 'Work' });
const build = (over: Partial<Job> = {}) => {
  const job = { ...base, ...over };
  return buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf });
};
const tested = (leadTest: LeadTest) =>
  partsOfJob(base).map((part) => ({ ...blankSurvey(part.key), leadTest }));
const done = (step: string): StepFact => ({
  step,
  status: 'done',
  start: 0,
  end: 10,
  remainingMin: null,
  personMinutes: 10,
  materialsMinor: 0,
  uses: [],
});
const stepOf = (made: ReturnType<typeof build>, key: string) => made.steps.find((step) => step.key === key)!;

describe('lead and chromate', () => {
  test('untested, the test stands before the disc and says so', () => {
    const made = build();
    expect(made.steps.some((step) => step.operation === 'test-lead')).toBe(true);
    expect(made.warnings).toContainEqual({ code: 'lead-untested', section: 'shell', isHeld: false });
    expect(stepOf(made, 'shell/strip').heldBy).toEqual([]);
  });

  test('the test logged and no result written down: dry work on old paint is not booked', () => {
    const made = build({ facts: [done('walk'), done('test-lead')] });
    expect(made.warnings).toContainEqual({ code: 'lead-untested', section: 'shell', isHeld: true });
    expect(stepOf(made, 'shell/strip').heldBy).toEqual(['test for lead and chromate']);
    // What comes behind it is shown as what would follow; what comes before it is booked.
    expect(stepOf(made, 'shell/mask').heldBy).toEqual(['test for lead and chromate']);
    expect(stepOf(made, 'body/wash').heldBy).toEqual([]);
  });

  test('negative on every panel: neither test nor gate', () => {
    const made = build({ surveyed: tested('negative') });
    expect(made.steps.some((step) => step.operation === 'test-lead')).toBe(false);
    expect(made.warnings.some((one) => one.code === 'lead-untested')).toBe(false);
  });

  test('positive: making dust of it is a stop; wet and chemical methods are not', () => {
    const made = build({ surveyed: tested('positive') });
    expect(made.warnings).toContainEqual({ code: 'lead-dry', section: 'shell', step: 'shell/strip' });
    const sections = base.sections.map((one) => ({ ...one, method: 'chemical' as const }));
    const wet = build({ surveyed: tested('positive'), sections });
    expect(wet.warnings.some((one) => one.code === 'lead-dry')).toBe(false);
  });
});

describe('work that was overtaken', () => {
  test('steps nobody logged before logged work are left out and said; what comes after is not', () => {
    const made = build({ facts: [done('shell/metalwork')] });
    expect(stepOf(made, 'shell/strip')).toMatchObject({ skipped: true, minutes: 0, personMinutes: 0 });
    expect(made.warnings).toContainEqual({ code: 'overtaken', step: 'shell/strip' });
    const [wash, whole] = [stepOf(made, 'body/wash'), stepOf(build(), 'body/wash')];
    // The wash of the shell must have been; that of the closures is still to do, by their share of the area.
    const areaOf = (keys: readonly string[]) =>
      partsOfJob(base)
        .filter((part) => keys.includes(part.section))
        .reduce((sum, part) => sum + part.outsideM2 + (wash.faces === 'both' ? part.insideM2 : 0), 0);
    const share = areaOf(['closures']) / areaOf(['shell', 'closures']);
    expect(wash.skipped).toBe(false);
    const { fixedMin } = whole.figure;
    const left = fixedMin + (whole.personMinutes - fixedMin) * share;
    expect(Math.abs(wash.personMinutes - left)).toBeLessThanOrEqual(1);
    expect(stepOf(made, 'shell/fill-1').skipped).toBe(false);
    expect(stepOf(made, 'closures/strip').skipped).toBe(false);
  });

  test('work on one section shows nothing of another, though the passes of the body tie them together', () => {
    const two = base.sections.map((one) => ({ ...one, level: 'Show' as const, colour: one.key }));
    // Sanding the shell waits for the unmasking of the closures: nothing is sanded beneath their covers.
    const made = build({ sections: two, facts: [done('shell/colour-sand')] });
    for (const key of [
      'closures/mask',
      'closures/paint/colour-1',
      'closures/unmask',
      'closures/colour-sand-p1500',
    ])
      expect([key, stepOf(made, key).skipped]).toEqual([key, false]);
    for (const key of ['shell/mask', 'shell/unmask'])
      expect([key, stepOf(made, key).skipped]).toEqual([key, true]);
  });

  test('logged steps stay as they are, and a job without a log leaves nothing out', () => {
    const made = build({ facts: [done('body/wash'), done('shell/strip')] });
    expect(stepOf(made, 'body/wash').skipped).toBe(false);
    expect(build().warnings.some((one) => one.code === 'overtaken')).toBe(false);
  });
});

test('nobody enters before the booth has cleared 20 minutes from a coat with isocyanate', () => {
  const quick = standardShelf.map((product) =>
    product.coating && product.coating.dustFreeMin !== null
      ? { ...product, coating: { ...product.coating, dustFreeMin: 5 } }
      : product,
  );
  const made = buildSteps({ job: base, parts: partsOfJob(base), shop: demoShop, shelf: shelfOf(quick) });
  expect(stepOf(made, 'shell/paint/dust-free').minutes).toBeGreaterThanOrEqual(20);
});

describe('a decision that nobody has taken', () => {
  const gate = (holds: Job['gates'][number]['holds'], done = false): Job['gates'][number] => ({
    id: `g-${holds}`,
    section: 'shell',
    kind: 'level',
    what: 'Road or Show',
    gapMm: null,
    flushMm: null,
    attempts: 0,
    done,
    doneOn: null,
    holds,
  });
  const heldOf = (made: ReturnType<typeof build>) =>
    made.steps.filter((step) => step.heldBy.includes('Road or Show')).map((step) => step.key);

  test('holds the first step of the work it names on its section, what follows, and nothing before it', () => {
    const made = build({ gates: [gate('filler')] });
    const held = heldOf(made);
    const own = made.steps.filter(
      (step) => step.sections.includes('shell') && step.crew > 0 && step.operation !== 'move',
    );
    const firstFill = own.find((step) => step.phase === 'filler')!;
    expect(held).toContain(firstFill.key);
    expect(held).toContain('shell/paint/clear-1');
    for (const phase of ['walkaround', 'strip'])
      expect(own.filter((step) => step.phase === phase && held.includes(step.key))).toEqual([]);
    expect(made.warnings).toContainEqual({ code: 'gate-open', section: 'shell', open: 1, holds: 'filler' });
  });

  test('of the clear leaves the colour its booking; taken, it holds nothing', () => {
    const held = heldOf(build({ gates: [gate('polish')] }));
    expect(held).not.toContain('shell/paint/clear-1');
    expect(held.length).toBeGreaterThan(0);
    expect(heldOf(build({ gates: [gate('strip', true)] }))).toEqual([]);
  });

  test('each stretch of work is held by its own gate, later ones by no fewer steps than follow them', () => {
    const counts = (['strip', 'filler', 'colour', 'polish'] as const).map(
      (holds) => heldOf(build({ gates: [gate(holds)] })).length,
    );
    expect(counts).toEqual([...counts].sort((a, b) => b - a));
    expect(counts.at(-1)).toBeGreaterThan(0);
  });
});
