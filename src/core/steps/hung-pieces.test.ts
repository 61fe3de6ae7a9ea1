import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { withJobSchools, type Job, type SchoolChoice } from '../record';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';

const shelf = shelfOf(standardShelf);

/** An estate whose closures lie on their stand; both in one colour unless another is named for the closures. */
function network(system: string, schools: SchoolChoice, colour = 'One colour') {
  const base = jobFixture({ bodyKind: 'estate', level: 'Show' });
  const sections = base.sections.map((section) =>
    section.key === 'closures'
      ? { ...section, system, colour, loose: true, group: 'closures' }
      : { ...section, system, colour: 'One colour' },
  );
  const job: Job = withJobSchools({ ...base, sections, schools });
  return buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf });
}
type Network = ReturnType<typeof network>;
const sectionsOf = ({ steps }: Network, key: string) => steps.find((step) => step.key === key)?.sections;
const placeOf = ({ steps }: Network, key: string) => {
  const step = steps.find((one) => one.key === key);
  return step?.hold ?? step?.place;
};

describe('loose closures in the effect colour of the body', () => {
  const pearl = network('pearl-three-stage', {});

  test('have ground and insides to themselves, and hang on the body for the last coats, in its session', () => {
    expect(sectionsOf(pearl, 'closures/epoxy/epoxy-1')).toEqual(['closures']);
    expect(sectionsOf(pearl, 'closures/insides/colour-1')).toEqual(['closures']);
    expect([...sectionsOf(pearl, 'shell/assemble-for-paint')!].sort()).toEqual(['closures', 'shell']);
    expect([...sectionsOf(pearl, 'shell/paint/colour-1')!].sort()).toEqual(['closures', 'shell']);
    expect(pearl.steps.some((step) => step.key === 'closures/paint/colour-1')).toBe(false);
    expect(pearl.warnings.some((warning) => warning.code === 'effect-apart')).toBe(false);
  });

  test('are blocked on the bench and polished where the body stands', () => {
    expect(placeOf(pearl, 'closures/block-1-p180')).toBe('bench');
    expect(placeOf(pearl, 'closures/polish-cut')).toBe('body/finish');
  });

  test('their inside is painted before the colour of the body is masked for', () => {
    const { passes } = pearl.programme;
    const at = (key: string) => passes.findIndex((pass) => pass.key === key);
    expect(at('closures/inside')).toBeLessThan(at('shell/colour'));
    expect(passes[at('shell/colour')]!.after).toEqual([{ pass: 'closures/inside', why: 'insides-first' }]);
  });
});

test('a solid colour is sprayed in pieces unless the manager has them hung', () => {
  expect(sectionsOf(network('base-clear', {}), 'closures/paint/colour-1')).toEqual(['closures']);
  const hung = network('base-clear', { assembly: 'loosely-hung' });
  expect([...sectionsOf(hung, 'shell/paint/colour-1')!].sort()).toEqual(['closures', 'shell']);
  expect(placeOf(hung, 'shell/hang-loose')).toBe('body/mask-shell');
});

test('what has another colour than the body is painted where it lies', () => {
  const other = network('pearl-three-stage', { assembly: 'assembled' }, 'Another');
  expect(sectionsOf(other, 'closures/paint/colour-1')).toEqual(['closures']);
});
