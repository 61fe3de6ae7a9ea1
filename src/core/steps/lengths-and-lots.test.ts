import { readEdit } from '../exchange';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey, type Job } from '../record';
import { standardShop } from '../shop';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps, operationOf } from './index';
import { quantityOf } from './labour';

const shelf = shelfOf(standardShelf);
const built = (job: Job) => {
  const { sections, parts } = lotsOf(job, partsOfJob(job));
  return buildSteps({ job: { ...job, sections }, parts, shop: standardShop, shelf });
};
const [panel] = partsOfJob(jobFixture({}));
const part = { ...panel!, trimM: 3, beadM: 5, rivetM: 7, seamM: 11 };

test.each([
  ['strip-down', 3],
  ['protect', 3],
  ['mask', 3],
  ['unmask', 3],
  ['refit', 3],
  ['remask', 8],
  ['tape-edges', 8],
  ['clean-seams', 23],
])(
  '%s works on %d m of a panel with 3 m of trim, 5 of beads, 7 of rivets and 11 of seams',
  (code, metres) => {
    expect(quantityOf(operationOf(code), [part], 'outside').amount).toBe(metres);
  },
);

test('a lot named like a level is no panel of that level', () => {
  const job = jobFixture({}, { level: 'Show' });
  const [first, second] = partsOfJob(job).filter((one) => one.section === job.sections[0]!.key);
  const surveyed = [
    { ...blankSurvey(first!.key), level: 'Work' as const },
    { ...blankSurvey(second!.key), lot: 'Work' },
  ];
  const { parts } = lotsOf({ ...job, surveyed }, partsOfJob({ ...job, surveyed }));
  const sectionOf = (key: string) => parts.find((one) => one.key === key)!.section;
  expect(sectionOf(first!.key)).not.toBe(sectionOf(second!.key));
});

test('a section all of whose panels are left out of the job gets no work', () => {
  const job = jobFixture({});
  const { key } = job.sections[1]!;
  const surveyed = partsOfJob(job)
    .filter((one) => one.section === key)
    .map((one) => ({ ...blankSurvey(one.key), absent: true }));
  const network = built({ ...job, surveyed });
  expect(network.steps.length).toBeGreaterThan(0);
  expect(network.steps.filter((step) => step.sections.includes(key))).toEqual([]);
});

test('sections that share an epoxy session each get their own coats', () => {
  const job = jobFixture({}, { depth: 'bare' });
  const [one, two] = job.sections;
  const sections = [
    { ...one!, coats: { epoxy: 1 } },
    { ...two!, coats: { epoxy: 2 } },
  ];
  const coats = built({ ...job, sections }).steps.filter((step) => step.coat?.role === 'epoxy');
  const area = (key: string) =>
    partsOfJob(job)
      .filter((each) => each.section === key)
      .reduce((sum, each) => sum + each.outsideM2, 0);
  const on = (section: string) => coats.filter((step) => step.sections.includes(section)).length;
  expect([on(one!.key), on(two!.key)]).toEqual([1, 2]);
  const last = coats.find((step) => step.coat!.coat === 2)!;
  expect(last.figure.quantity).toBeGreaterThanOrEqual(area(two!.key) - 1e-9);
  expect(last.figure.quantity).toBeLessThan(area(two!.key) + area(one!.key));
});

test('a rate is refused where the minutes do not follow from one, and taken where they do', () => {
  const rate = (operation: string) => readEdit({ kind: 'rate', operation, seen: null, rate: 5 }).status;
  expect([rate('block'), rate('clean-bay'), rate('mask')]).toEqual(['faulty', 'faulty', 'ok']);
});

test('effect colours are known by their family, whatever the shop calls them', () => {
  const job = jobFixture({}, { level: 'Show', depth: 'bare', system: 'base-clear' });
  const silver = { ...shelf.get('base-silver')!, code: 'own-silver' };
  const solid = shelf.get('base-solid') ?? shelf.get('base-silver')!;
  const own = shelfOf([...standardShelf, silver]);
  const system = (product: string) => [
    {
      key: 'base-clear',
      name: 'Own',
      why: 'own',
      route: 'panel' as const,
      substrates: ['steel' as const],
      forgiveness: 3,
      layers: [
        { role: 'colour' as const, product, coats: { rule: 'fixed' as const, count: 2 } },
        { role: 'clear' as const, product: 'clear-21', coats: { rule: 'budget' as const } },
      ],
    },
  ];
  const effectSteps = (product: string) => {
    const shop = { ...standardShop, systems: system(product) };
    const sections = job.sections.map((section) => ({
      ...section,
      ways: { system: shop.systems[0], ladders: [], systems: [], figures: [] },
    }));
    const lots = lotsOf({ ...job, sections }, partsOfJob(job));
    return buildSteps({
      job: { ...job, sections: lots.sections },
      parts: lots.parts,
      shop,
      shelf: own,
    }).steps.map((step) => step.operation);
  };
  expect(effectSteps('own-silver')).toEqual(effectSteps('base-silver'));
  expect(solid.coating).not.toBeNull();
});
