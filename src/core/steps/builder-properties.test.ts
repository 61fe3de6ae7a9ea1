import fc from 'fast-check';
import { demoShop } from '../../demo/shop';
import { coatSystems, levels, shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import {
  blankStepEdit,
  blankSurvey,
  depths,
  oldFinishes,
  schoolOptions,
  type Job,
  type SchoolChoice,
  type StepEdit,
} from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { bodyKindOf, bodyKinds } from '../vehicle';
import { buildSteps } from './builder';
import { operationOf } from './catalogue';
import type { StepNetwork } from './step';

const shelf = shelfOf(standardShelf);

const schoolChoice = (): fc.Arbitrary<SchoolChoice> =>
  fc.record(
    Object.fromEntries(
      Object.entries(schoolOptions).map(([key, options]) => [key, fc.constantFrom(...options)]),
    ),
    { requiredKeys: [] },
  ) as fc.Arbitrary<SchoolChoice>;

/** A job of any body kind whose sections differ in everything that decides their work. */
const anyJob = (): fc.Arbitrary<Job> =>
  fc
    .constantFrom(...bodyKinds.filter((kind) => kind.key !== 'loose-parts').map((kind) => kind.key))
    .chain((bodyKind) => {
      const base = jobFixture({ bodyKind });
      const { route } = bodyKindOf(bodyKind)!;
      const systems = coatSystems.filter((one) => one.route === route).map((one) => one.key);
      const section = fc.record({
        level: fc.constantFrom(...levels),
        depth: fc.constantFrom(...depths),
        oldFinish: fc.constantFrom(...oldFinishes),
        system: fc.constantFrom(...systems),
        substrate: fc.constantFrom('steel', 'galvanised', 'aluminium', 'laminate', 'timber', 'plastic'),
        colour: fc.constantFrom('Slate', 'Straw'),
        schools: schoolChoice(),
        rounds: fc.record({ filler: fc.nat(3), build: fc.integer({ min: 1, max: 3 }) }, { requiredKeys: [] }),
      });
      // Every panel may go its own way: depth, level, a lot of its own, tested or not, left out.
      const panel = fc.record(
        {
          depth: fc.constantFrom(...depths),
          level: fc.constantFrom(...levels),
          lot: fc.constantFrom('', 'port'),
          leadTest: fc.constantFrom('not-tested' as const, 'negative' as const, 'positive' as const),
          absent: fc.constantFrom(false, false, false, true),
        },
        { requiredKeys: [] },
      );
      return fc
        .tuple(
          fc.array(section, { minLength: base.sections.length, maxLength: base.sections.length }),
          schoolChoice(),
          fc.array(panel, { minLength: 1, maxLength: 5 }),
        )
        .map(([sections, schools, lots]) => ({
          ...base,
          schools,
          surveyed: partsOfJob(base).map((part, i) => ({
            ...blankSurvey(part.key),
            ...lots[i % lots.length],
          })),
          sections: base.sections.map((one, i) => ({ ...one, ...sections[i]! }) as Job['sections'][number]),
        }));
    });

const build = (job: Job): StepNetwork => {
  const { sections, parts } = lotsOf(job, partsOfJob(job));
  return buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
};

/** Keys of all steps that come before each one, by links and by the stays they lie in; written for the tests alone. */
function ancestors({ steps, links, stays }: StepNetwork): Map<string, Set<string>> {
  const direct = new Map<string, string[]>(steps.map((step) => [step.key, []]));
  for (const { from, to } of links) direct.get(to)!.push(from);
  for (const stay of stays)
    for (const step of steps.filter((one) => one.hold === stay.key)) {
      if (step.key !== stay.from) direct.get(step.key)!.push(stay.from);
      if (step.key !== stay.to) direct.get(stay.to)!.push(step.key);
    }
  const found = new Map<string, Set<string>>();
  const walk = (key: string, open: ReadonlySet<string>): Set<string> => {
    const known = found.get(key);
    if (known) return known;
    if (open.has(key)) throw new Error(`ring through ${key}`);
    const all = new Set<string>();
    for (const earlier of direct.get(key)!) {
      all.add(earlier);
      for (const one of walk(earlier, new Set([...open, key]))) all.add(one);
    }
    found.set(key, all);
    return all;
  };
  for (const step of steps) walk(step.key, new Set());
  return found;
}

test('any job: no ring, no step without a reason, no negative minute, keys and links that are known', () => {
  fc.assert(
    fc.property(anyJob(), (job) => {
      const network = build(job);
      const known = new Set(network.steps.map((step) => step.key));
      expect(known.size).toBe(network.steps.length);
      ancestors(network);
      for (const { from, to, min, max } of network.links) {
        expect(known.has(from) && known.has(to)).toBe(true);
        expect(max === null || max >= min).toBe(true);
      }
      for (const step of network.steps) {
        expect(
          step.because.length + (step.minutes === 0 ? 1 : 0) + (step.operation === 'dust-free' ? 1 : 0),
        ).toBeGreaterThan(0);
        expect(step.minutes).toBeGreaterThanOrEqual(0);
        expect(step.personMinutes).toBeGreaterThanOrEqual(0);
      }
    }),
    { numRuns: 100, seed: 7 },
  );
});

test('any job: whatever an operation needs is made before it, wherever the section has it made at all', () => {
  fc.assert(
    fc.property(anyJob(), (job) => {
      const network = build(job);
      const before = ancestors(network);
      for (const step of network.steps) {
        const { needs } = operationOf(step.operation);
        for (const section of step.sections)
          for (const need of needs) {
            const makers = network.steps.filter(
              (one) => one.sections.includes(section) && operationOf(one.operation).makes === need,
            );
            for (const maker of makers)
              expect([step.key, maker.key, before.get(step.key)!.has(maker.key)]).toEqual([
                step.key,
                maker.key,
                true,
              ]);
          }
      }
    }),
    { numRuns: 60, seed: 11 },
  );
});

test('any job: built twice it is the same, and an edit of each step is applied or said, never lost', () => {
  fc.assert(
    fc.property(anyJob(), fc.nat(), (job, nth) => {
      const network = build(job);
      expect(build(job)).toEqual(network);
      // A job all of whose panels are left out has no step to edit.
      fc.pre(network.steps.length > 0);
      const step = network.steps[nth % network.steps.length]!;
      const edits: StepEdit[] = [
        { ...blankStepEdit(step.key), note: 'seen', skipped: nth % 2 === 0, personMinutes: 33 },
        { ...blankStepEdit('gone/for-good'), note: 'kept' },
      ];
      const edited = build({ ...job, stepEdits: edits });
      const after = edited.steps.find((one) => one.key === step.key)!;
      expect(after.note).toBe('seen');
      const said = edited.warnings.some(
        (one) => (one.code === 'skipped' || one.code === 'skip-refused') && one.step === step.key,
      );
      expect(said || after.kind === 'passive' || after.personMinutes === 33).toBe(true);
      expect(edited.warnings).toContainEqual({ code: 'edit-without-step', step: 'gone/for-good' });
      expect(edited.steps.map((one) => one.key)).toEqual(network.steps.map((one) => one.key));
    }),
    { numRuns: 30, seed: 13 },
  );
});

test('a higher level never lowers the hours of blocking', () => {
  const blocking = (bodyKind: string, level: Job['level']) =>
    build(jobFixture({ bodyKind, level }))
      .steps.filter((step) => step.operation.startsWith('block'))
      .reduce((sum, step) => sum + step.personMinutes, 0);
  for (const { key } of bodyKinds) {
    const minutes = levels.map((level) => blocking(key, level));
    for (let i = 1; i < minutes.length; i += 1)
      expect([key, minutes[i]! >= minutes[i - 1]!]).toEqual([key, true]);
  }
});
