import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { withJobSchools, type Job, type SchoolOf } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from './builder';
import { waits } from './waits.fixture';

const shelf = shelfOf(standardShelf);
function network(stand: SchoolOf<'hull-stand'> | null, bodyKind = 'open-hull', length = 5) {
  const base = jobFixture({ bodyKind, level: 'Work', dimensions: { length } }, { depth: 'scuff' });
  const job: Job = withJobSchools({ ...base, schools: stand === null ? {} : { 'hull-stand': stand } });
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  return { ...buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf }), parts };
}
type Network = ReturnType<typeof network>;
const has = ({ steps }: Network, key: string) => steps.some((step) => step.key === key);
test('a small open hull is worked keel up, a decked or longer one on stands, unless the manager says otherwise', () => {
  expect(has(network(null), 'bottom/shift-stands')).toBe(false);
  expect(has(network(null, 'decked-hull'), 'bottom/shift-stands')).toBe(true);
  expect(has(network(null, 'open-hull', 8), 'bottom/shift-stands')).toBe(true);
  expect(has(network('on-stands'), 'bottom/shift-stands')).toBe(true);
});

describe('on stands', () => {
  const stood = network('on-stands');
  const patches = stood.steps.filter((step) => step.key.startsWith('bottom/patch/') && step.coat);

  test('they are shifted when the last film takes it, and every coat goes on where they stood', () => {
    const last = 'bottom/antifouling-2';
    const handled = stood.links.find(
      (link) => link.to === 'bottom/shift-stands' && link.why.code === 'handle-after',
    );
    expect(handled?.from).toBe(last);
    expect(patches.map((step) => step.key)).toEqual(
      stood.steps
        .filter((step) => step.coat && step.sections.includes('bottom') && !step.key.includes('/patch/'))
        .map((step) => step.key.replace('bottom/', 'bottom/patch/')),
    );
    expect(waits(stood, patches[0]!.key, 'bottom/shift-stands')).toBe(true);
    expect(waits(stood, 'hull/refit', patches.at(-1)!.key)).toBe(true);
  });

  test('the bottom looks as before while they are laid', () => {
    expect(patches.map((step) => step.leaves)).toEqual(patches.map(() => null));
  });

  test('the patches are small: 0.4 m² or a tenth of the bottom', () => {
    const bottomM2 = stood.parts
      .filter((part) => part.section === 'bottom')
      .reduce((sum, part) => sum + part.outsideM2, 0);
    for (const { coat } of patches) expect(coat!.areaM2).toBeCloseTo(Math.min(0.4, bottomM2 / 10), 6);
  });
});

describe('on its side', () => {
  const turned = network('on-its-side');

  test('port is finished, then the hull is turned by all hands, then starboard is worked', () => {
    expect(waits(turned, 'hull/turn-hull', 'topsides:port/unmask')).toBe(true);
    expect(waits(turned, 'topsides:starboard/strip', 'hull/turn-hull')).toBe(true);
    const turn = turned.steps.find((step) => step.key === 'hull/turn-hull')!;
    expect(turn.crew).toBeGreaterThanOrEqual(3);
    expect(turn.cautions).toContain('lifting');
  });

  test('it is turned onto films that can be taken hold of', () => {
    const held = turned.links.filter(
      (link) => link.to === 'hull/turn-hull' && link.why.code === 'handle-after',
    );
    expect(held.map((link) => link.from.split('/')[0]).sort()).toEqual(
      expect.arrayContaining(['boot-top:port', 'bottom:port', 'topsides:port']),
    );
  });

  test('an order of colours by hand stands within a side', () => {
    const base = jobFixture(
      { bodyKind: 'open-hull', level: 'Work', dimensions: { length: 5 } },
      { depth: 'scuff' },
    );
    const job = withJobSchools({
      ...base,
      schools: { 'hull-stand': 'on-its-side' },
      colourOrder: ['bottom:starboard', 'topsides:starboard', 'bottom:port'],
    });
    const { parts, sections } = lotsOf(job, partsOfJob(job));
    const { programme } = buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
    const colours = programme.passes.filter((pass) => pass.role === 'colour').map((pass) => pass.scope);
    expect(colours.filter((scope) => scope.endsWith('port') || scope.endsWith('starboard'))).toEqual([
      'bottom:port',
      'boot-top:port',
      'topsides:port',
      'bottom:starboard',
      'topsides:starboard',
      'boot-top:starboard',
    ]);
  });
});

test('other bodies have no sides of their own', () => {
  const base = jobFixture({ bodyKind: 'saloon', level: 'Work' });
  const job = withJobSchools({ ...base, schools: { 'hull-stand': 'on-its-side' } });
  expect(lotsOf(job, partsOfJob(job)).sections.map((section) => section.key)).toEqual(
    job.sections.map((section) => section.key),
  );
});

test('a topcoat of more than 4 m² is rolled by one and tipped by another; primers are rolled by one', () => {
  const { steps } = network(null, 'open-hull', 8);
  const crews = (role: string) =>
    steps
      .filter((step) => step.coat?.role === role && step.sections.includes('topsides'))
      .map((step) => step.crew);
  expect(new Set(crews('topcoat'))).toEqual(new Set([2]));
  expect(new Set(crews('primer'))).toEqual(new Set([1]));
});
