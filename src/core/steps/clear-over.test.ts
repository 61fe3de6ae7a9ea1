import { demoShop } from '../../demo/shop';
import { coatSystems, shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { withJobSchools, type Job, type JobSection } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from './builder';
import { waits } from './waits.fixture';

const shelf = shelfOf(standardShelf);

/** A box body whose roof and sides have their own colours, on one body. */
function network(method: 'each' | 'all', over: Partial<JobSection> = {}, colours = ['Moss', 'Cream']) {
  const base = jobFixture({ bodyKind: 'box-body', level: 'Show' });
  const sections = base.sections.map((section, i) => ({
    ...section,
    ...over,
    colour: colours[i % colours.length]!,
  }));
  const job: Job = withJobSchools({ ...base, sections, schools: { 'clear-over': method } });
  const { parts, sections: areas } = lotsOf(job, partsOfJob(job));
  return buildSteps({ job: { ...job, sections: areas }, parts, shop: demoShop, shelf });
}
type Network = ReturnType<typeof network>;

const coats = ({ steps }: Network, session: string) =>
  steps.flatMap((step) => (step.coat?.session === session ? [`${step.coat.role} ${step.coat.coat}`] : []));

describe('one clear over two colours', () => {
  const all = network('all');

  test('roof in its colour, unmasked, sides masked and in theirs, unmasked, then the clears of both', () => {
    expect(coats(all, 'roof/paint')).toEqual(['sealer 1', 'colour 1', 'colour 2', 'colour 3']);
    const order = [
      'roof/paint/colour-3',
      'roof/unmask-colour',
      'sides/mask',
      'sides/paint/colour-3',
      'sides/unmask-colour',
      'roof/mask-for-clear',
      'roof/clear-1/clear-1',
      'roof/scuff-2',
      'roof/clear-2/clear-4',
      'sides/colour-sand-p1500',
    ];
    for (const [i, later] of order.entries())
      if (i > 0)
        expect([order[i - 1], later, waits(all, later, order[i - 1]!)]).toEqual([order[i - 1], later, true]);
  });

  test('the clears lie on both, and nothing is scuffed before the first', () => {
    const clears = all.steps.filter((step) => step.coat?.role === 'clear' && step.coat.faces !== 'inside');
    expect(clears.map((step) => [step.key, [...step.sections].sort()])).toEqual(
      [1, 2, 3, 4].map((coat) => [`roof/clear-${coat === 4 ? 2 : 1}/clear-${coat}`, ['roof', 'sides']]),
    );
    expect(all.steps.some((step) => step.key === 'roof/scuff-1')).toBe(false);
  });

  test('the window of each colour runs from its first coat until the first clear', () => {
    const windows = all.softWindows.filter((one) => one.to === 'roof/clear-1/clear-1').map((one) => one.from);
    expect(windows).toEqual(expect.arrayContaining(['roof/paint/colour-1', 'sides/paint/colour-1']));
  });
});

test('by itself each colour is cleared before the next is masked', () => {
  const each = network('each');
  expect(waits(each, 'sides/mask', 'roof/clear-2/clear-4')).toBe(true);
  expect(each.steps.some((step) => step.operation === 'mask-for-clear')).toBe(false);
});

test('silver that will lie under tape is locked with one inter-coat clear; dense colours are not', () => {
  const silver = coatSystems.find((system) => system.key === 'silver-clear')!;
  expect(coats(network('all', { system: silver.key }), 'roof/paint').at(-1)).toBe('intercoat 1');
  expect(coats(network('each', { system: silver.key }), 'roof/paint')).not.toContain('intercoat 1');
});

test('one colour alone is cleared by itself, whatever the method says', () => {
  const alone = network('all', {}, ['Moss']);
  expect(alone.steps.some((step) => step.operation === 'mask-for-clear')).toBe(false);
  expect(alone.steps.some((step) => step.key.startsWith('roof/paint') && step.coat?.role === 'clear')).toBe(
    true,
  );
});

test('a second colour on an airframe is masked when the first bears tape, and covers it', () => {
  const base = jobFixture({ bodyKind: 'high-wing', level: 'Road' });
  const sections = base.sections.map((section, i) =>
    section.key === 'wings'
      ? { ...section, loose: false, group: base.sections[0]!.group, colour: 'Second' }
      : { ...section, colour: i === 0 ? 'First' : section.colour },
  );
  const job = { ...base, sections };
  const plan = buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf });
  const mask = plan.steps.find((step) => step.operation === 'mask-next-colour')!;
  expect(mask.sections).toEqual(['wings']);
  expect(
    plan.links.some(
      (link) => link.to === mask.key && link.why.code === 'tape-after' && link.from.startsWith('airframe/'),
    ),
  ).toBe(true);
  expect(waits(plan, 'wings/topcoat/topcoat-1', mask.key)).toBe(true);
});

test('a sample is approved when its card was sprayed and can be taken into the sun', () => {
  const { links } = network('each');
  const why = links.find(
    (link) => link.from === 'test-panel/roof' && link.to === 'approve-sample/roof' && link.min > 0,
  );
  // The sheet of the clear: handled after twelve hours at 20 °C, later in a cooler bay.
  expect(why).toMatchObject({ why: { code: 'handle-after', product: 'clear-21' } });
  expect(why!.min).toBeGreaterThanOrEqual(720);
});
