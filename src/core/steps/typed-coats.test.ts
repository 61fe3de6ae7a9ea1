import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey, type JobSection } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from './builder';

const shelf = shelfOf(standardShelf);
function network(
  over: Partial<JobSection>,
  bodyKind = 'saloon',
  surveyed = [] as ReturnType<typeof blankSurvey>[],
) {
  const job = { ...jobFixture({ bodyKind, level: 'Road' }, over), surveyed };
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  return buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
}
const coats = ({ steps }: ReturnType<typeof network>, role: string) =>
  steps.filter((step) => step.coat?.role === role && step.sections.includes('shell')).map((step) => step.key);

describe('coats that somebody types are laid, also where nothing called for them', () => {
  test('epoxy on the sound layer', () => {
    expect(coats(network({ depth: 'stable' }), 'epoxy')).toEqual([]);
    expect(coats(network({ depth: 'stable', coats: { epoxy: 2 } }), 'epoxy')).toEqual([
      'body/epoxy/epoxy-1',
      'body/epoxy/epoxy-2',
    ]);
  });

  test('high-build over a scuffed finish, in no more rounds than it has coats, each blocked', () => {
    const built = network({ depth: 'scuff', coats: { build: 1 } });
    expect(coats(built, 'build')).toEqual(['body/build-1/build-1']);
    // One round, in the three grits that lie before refining.
    expect(
      built.steps.flatMap(({ key, operation, sections }) =>
        operation === 'block' && sections.includes('shell') ? [key] : [],
      ),
    ).toEqual(['shell/block-1-p180', 'shell/block-1-p240', 'shell/block-1-p320']);
  });
});

test('a panel that keeps its paint gets none of the coats typed for its section', () => {
  const kept = network({ depth: 'bare', coats: { epoxy: 2 } }, 'saloon', [
    { ...blankSurvey('RF'), level: 'Keep' },
  ]);
  const sprayed = kept.steps.filter((step) => step.coat).flatMap((step) => step.sections);
  expect(kept.steps.flatMap((step) => step.sections)).toContain('shell:Keep');
  expect(sprayed).not.toContain('shell:Keep');
});

test('a topcoat typed too thin for its grits and polish is told, with what would be left', () => {
  const one = { level: 'Mirror', depth: 'stable' } as const;
  const thin = network({ ...one, coats: { topcoat: 1 } }, 'open-hull').warnings.find(
    (warning) => warning.code === 'thin-topcoat' && warning.section === 'topsides',
  );
  // 32 µm less 2.5 between coats and the grits and polishes of the level: less than nothing; two coats are enough.
  expect(thin).toMatchObject({ typed: 1, needed: 2 });
  const two = network({ ...one, coats: { topcoat: 2 } }, 'open-hull').warnings;
  expect(two.some((warning) => warning.code === 'thin-topcoat')).toBe(false);
});
