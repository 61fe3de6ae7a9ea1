import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import {
  blankSurvey,
  schoolKeys,
  schoolOptions,
  withJobSchools,
  type Job,
  type JobSection,
  type SchoolChoice,
} from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from './builder';
import { schools, schoolsOf, type SchoolCase } from './schools';

const shelf = shelfOf(standardShelf);
const given: SchoolCase = {
  route: 'panel',
  level: 'Show',
  depth: 'bare',
  loose: false,
  bodyAlike: false,
  heavyHull: false,
  effectColour: false,
  etched: false,
  insideShare: 0.1,
};
const built = (
  choice: SchoolChoice,
  over: Partial<JobSection> = {},
  bodyKind = 'saloon',
  level: Job['level'] = 'Show',
) => {
  const job = withJobSchools({ ...jobFixture({ bodyKind, level }, over), schools: choice });
  return buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf });
};
type Network = ReturnType<typeof built>;
const has = ({ steps }: Network, operation: string) => steps.some((step) => step.operation === operation);
const minutes = ({ steps }: Network, ...operations: string[]) =>
  steps
    .filter((step) => operations.includes(step.operation))
    .reduce((sum, step) => sum + step.personMinutes, 0);
const passes = ({ stays }: Network) => stays.filter((stay) => stay.kind === 'session').length;
const follows = (network: Network, later: string, earlier: string): boolean => {
  const before = (key: string) => [
    ...network.links.filter((link) => link.to === key).map((link) => link.from),
    ...network.stays.flatMap((stay) =>
      network.steps.find((step) => step.key === key)?.hold === stay.key && stay.from !== key
        ? [stay.from]
        : [],
    ),
    ...network.stays.flatMap((stay) =>
      stay.to === key
        ? network.steps.filter((step) => step.hold === stay.key && step.key !== key).map((step) => step.key)
        : [],
    ),
  ];
  const seen = new Set<string>();
  const queue = [later];
  for (let key = queue.pop(); key !== undefined; key = queue.pop()) {
    if (key === earlier) return true;
    if (!seen.has(key)) queue.push(...before(key));
    seen.add(key);
  }
  return false;
};

test('every school has its options with a name and a line why, and a default that is one of them', () => {
  for (const key of schoolKeys) {
    const data = schools[key];
    expect(Object.keys(data.options).sort()).toEqual([...schoolOptions[key]].sort());
    for (const option of Object.values(data.options) as { name: string; why: string }[]) {
      expect(option.name.length).toBeGreaterThan(2);
      expect(option.why.length).toBeGreaterThan(10);
    }
    expect(schoolOptions[key] as readonly string[]).toContain(data.fallback(given).option);
  }
});

test('the section’s choice stands before the job’s, the job’s before the situation', () => {
  const taken = (section: SchoolChoice, job: SchoolChoice) => schoolsOf(given, section, job).blocks;
  expect(taken({ blocks: 'flexible' }, { blocks: 'stiff' })).toMatchObject({
    option: 'flexible',
    from: 'section',
  });
  expect(taken({}, { blocks: 'flexible' })).toMatchObject({ option: 'flexible', from: 'job' });
  expect(taken({}, {})).toMatchObject({ option: 'stiff', from: 'situation' });
});

test('defaults by situation: effect colours assembled, openings first where much is inside, Mirror cut and cleared', () => {
  const of = (over: Partial<SchoolCase>) => schoolsOf({ ...given, ...over }, {}, {});
  expect(of({ effectColour: true }).assembly.option).toBe('assembled');
  expect(of({ effectColour: true, loose: true }).assembly.option).toBe('apart');
  expect([of({ insideShare: 0.24 }).openings.option, of({ insideShare: 0.25 }).openings.option]).toEqual([
    'one-go',
    'first-soft',
  ]);
  expect(of({ level: 'Mirror' }).clears.option).toBe('cut-and-clear');
  expect(of({ level: 'Road' }).blocks.option).toBe('flexible');
});

test('filler over epoxy comes after the epoxy, filler on metal before it, and the treatment stays next to it', () => {
  const over = built({ filler: 'over-epoxy' });
  expect(follows(over, 'shell/fill-1', 'body/epoxy/epoxy-1')).toBe(true);
  const on = built({ filler: 'on-metal' });
  expect(has(on, 'scuff-metal')).toBe(true);
  expect(follows(on, 'body/epoxy/epoxy-1', 'shell/block-filler-2-p150')).toBe(true);
  expect(follows(on, 'body/treat-steel', 'shell/block-filler-2-p150')).toBe(true);
});

test('stop at 220 takes 0.6 of the block hours; stiff blocks 1.15 of the flexible ones at Road', () => {
  const block = (choice: SchoolChoice, level: Job['level']) =>
    minutes(built(choice, {}, 'saloon', level), 'block', 'block-filler');
  expect(block({ 'block-finish': 'stop-220' }, 'Show') / block({}, 'Show')).toBeCloseTo(0.6, 2);
  expect(block({ blocks: 'stiff' }, 'Road') / block({}, 'Road')).toBeCloseTo(1.15, 2);
  expect(block({ blocks: 'flexible' }, 'Show') / block({}, 'Show')).toBeCloseTo(1 / 1.15, 2);
});

test('assembled sections of one colour share the booth: one pass less, both in it', () => {
  const [apart, together] = [built({ assembly: 'apart' }), built({ assembly: 'assembled' })];
  expect(passes(together)).toBeLessThan(passes(apart));
  const coat = together.steps.find((step) => step.key === 'shell/paint/sealer-1')!;
  expect(coat.sections).toEqual(['shell', 'closures']);
  expect(has(together, 'assemble-for-paint')).toBe(true);
  const two = built({ assembly: 'assembled' }, {}, 'saloon');
  expect(two.steps.some((step) => step.key === 'closures/paint/sealer-1')).toBe(false);
});

test('an effect colour painted in pieces is said, assembled it is not; a solid one may go in pieces', () => {
  const said = (choice: SchoolChoice, system: string) =>
    built(choice, { system, colour: 'moth' }).warnings.some((one) => one.code === 'effect-apart');
  expect(said({ assembly: 'apart' }, 'silver-clear')).toBe(true);
  expect(said({ assembly: 'assembled' }, 'silver-clear')).toBe(false);
  expect(said({ assembly: 'apart' }, 'base-clear')).toBe(false);
});

test('panels left out of a job that keeps its old paint are blended at the edge', () => {
  const job = jobFixture({ bodyKind: 'saloon', level: 'Road' }, { depth: 'scuff' });
  const [first] = partsOfJob(job);
  const surveyed = [{ ...blankSurvey(first!.key), absent: true }];
  const partial = buildSteps({
    job: { ...job, surveyed },
    parts: partsOfJob({ ...job, surveyed }),
    shop: demoShop,
    shelf,
  });
  expect(has(partial, 'blend-edge')).toBe(true);
  expect(follows(partial, 'shell/colour-sand-p1500', 'shell/blend-edge')).toBe(true);
  expect(has(built({}, { depth: 'scuff' }), 'blend-edge')).toBe(false);
});

test('a lot by name is worked beside its section: port and starboard have steps of their own', () => {
  const job = jobFixture({ bodyKind: 'open-hull', level: 'Work' });
  const surveyed = partsOfJob(job)
    .filter((part) => part.section === 'topsides' && part.side === 'right')
    .map((part) => ({ ...blankSurvey(part.key), lot: 'starboard' }));
  const { sections, parts } = lotsOf({ ...job, surveyed }, partsOfJob(job));
  const made = buildSteps({ job: { ...job, surveyed, sections }, parts, shop: demoShop, shelf });
  expect(made.steps.some((step) => step.key === 'topsides:starboard/topcoat-1')).toBe(true);
  expect(follows(made, 'topsides:starboard/mask', 'topsides/topcoat-2')).toBe(true);
});

test('loosely hung panels go on before the colour and come off before the refit', () => {
  const network = built({ assembly: 'loosely-hung' });
  expect(follows(network, 'shell/mask', 'shell/hang-loose')).toBe(true);
  expect(follows(network, 'body/refit', 'shell/take-off-loose')).toBe(true);
});

test('openings first cost a pass and a mask; in one go the insides are sprayed with the outside', () => {
  const [first, once] = [built({ openings: 'first-soft' }), built({ openings: 'one-go' })];
  expect(passes(first)).toBe(passes(once) + 2);
  expect(follows(first, 'closures/mask', 'closures/insides/colour-1')).toBe(true);
  const area = (network: Network) =>
    network.steps.find((step) => step.key === 'closures/paint/colour-1')!.coat!;
  expect(area(once).litres).toBeGreaterThan(area(first).litres);
  expect(has(built({ openings: 'first-hard' }), 'feather-openings')).toBe(true);
});

test('no sealer lays none, epoxy wet on wet lays epoxy in its place', () => {
  const products = (choice: SchoolChoice) =>
    built(choice).steps.flatMap((step) => (step.coat?.role === 'sealer' ? [step.coat.product] : []));
  expect(products({ sealer: 'none' })).toEqual([]);
  expect(new Set(products({ sealer: 'epoxy-wet' }))).toEqual(new Set(['epoxy-sealer']));
});

test('four clears cut and cleared are two and two, keyed and cleared three and one', () => {
  const clears = (choice: SchoolChoice) => {
    const network = built(choice);
    const of = (session: string) =>
      network.steps.filter((step) => step.hold === session && step.coat?.role === 'clear').length;
    return [of('shell/paint'), of('shell/clear-2')];
  };
  expect(clears({ clears: 'one-session' })).toEqual([3, 1]);
  expect(clears({ clears: 'cut-and-clear' })).toEqual([2, 2]);
});

test('polished after weeks the film cures in full and nobody looks again; within days two weeks settle', () => {
  const [days, weeks] = [built({ 'polish-time': 'days' }), built({ 'polish-time': 'weeks' })];
  expect(days.steps.find((step) => step.operation === 'settle')!.minutes).toBe(14 * 1440);
  expect(has(weeks, 'second-look')).toBe(false);
  const cure = (network: Network) => network.steps.find((step) => step.operation === 'cure')!.minutes;
  expect(cure(weeks)).toBeGreaterThan(7 * 1440);
  expect(cure(days)).toBeLessThan(3 * 1440);
});

test('alignment after paint is done on painted panels; held trim waits for the last compound', () => {
  const after = built({ alignment: 'after' });
  expect(has(after, 'dry-fit')).toBe(false);
  expect(follows(after, 'final-align', 'shell/polish-fine')).toBe(true);
  const wet = built({ tape: 'wet' });
  // Wet tape is pulled at once; set film is unmasked when it can be handled, and cures on beneath the tape or without it.
  const waits = (network: typeof wet) =>
    network.links.filter((link) => link.to === 'shell/unmask' && link.why.code === 'handle-after');
  expect(waits(wet)).toEqual([]);
  expect(waits(built({})).map((link) => link.min >= 720)).toEqual([true]);
  for (const network of [wet, built({})])
    expect(follows(network, 'shell/colour-sand-p1500', 'shell/unmask')).toBe(true);
});

test('texture under the colour comes before primer, over it after the clear', () => {
  expect(follows(built({ texture: 'before-colour' }), 'body/build-1/load', 'shell/texture-before')).toBe(
    true,
  );
  expect(follows(built({ texture: 'after-colour' }), 'shell/texture-after', 'shell/paint/unload')).toBe(true);
  expect(has(built({}), 'texture-before') || has(built({}), 'texture-after')).toBe(false);
});

test('the first article is finished and accepted before the other loose lots are masked', () => {
  const job = jobFixture({ bodyKind: 'tractor-unit', level: 'Road' });
  const made = buildSteps({
    job: withJobSchools({ ...job, schools: { 'first-article': 'one-first' } }),
    parts: partsOfJob(job),
    shop: demoShop,
    shelf,
  });
  expect(follows(made, 'approve-first', 'fairings/polish-fine')).toBe(true);
  expect(follows(made, 'tanks/mask', 'approve-first')).toBe(true);
  expect(follows(made, 'fairings/mask', 'approve-first')).toBe(false);
});

test('of an aircraft’s loose units one is finished and accepted first too', () => {
  const job = jobFixture({ bodyKind: 'high-wing', level: 'Road' });
  const made = buildSteps({
    job: withJobSchools({ ...job, schools: { 'first-article': 'one-first' } }),
    parts: partsOfJob(job),
    shop: demoShop,
    shelf,
  });
  expect(follows(made, 'approve-first', 'wings/topcoat/topcoat-3')).toBe(true);
  expect(follows(made, 'controls/topcoat/topcoat-1', 'approve-first')).toBe(true);
});

test('a stripe goes first or last', () => {
  const hull = (stripe: 'first' | 'last') => built({ stripe }, {}, 'open-hull', 'Work');
  expect(follows(hull('first'), 'topsides/mask', 'boot-top/topcoat-2')).toBe(true);
  expect(follows(hull('last'), 'boot-top/mask', 'topsides/topcoat-2')).toBe(true);
});
