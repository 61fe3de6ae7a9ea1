import { shelfOf, standardShelf } from '../film';
import { demoShop } from '../../demo/shop';
import type { Job, JobSection } from '../record';
import { jobFixture } from '../job.fixture';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';
import { operationOf, catalogue } from './catalogue';
import type { StepNetwork } from './step';
import { stripMethod } from './stripping';

const shelf = shelfOf(standardShelf);

function build(
  bodyKind: string,
  over: Partial<Job> = {},
  section: Partial<JobSection> = {},
  shop = demoShop,
): StepNetwork {
  const base = jobFixture(
    { bodyKind, dimensions: over.dimensions ?? {}, level: over.level ?? 'Road', promised: '2027-01-22' },
    section,
  );
  const job = { ...base, ...over };
  return buildSteps({ job, parts: partsOfJob(job), shop, shelf });
}

const keys = (network: StepNetwork) => network.steps.map((step) => step.key);
const follows = (network: StepNetwork, later: string, earlier: string): boolean => {
  const seen = new Set<string>();
  const walk = (key: string): boolean => {
    if (key === earlier) return true;
    if (seen.has(key)) return false;
    seen.add(key);
    const holds = network.stays.filter(
      (stay) => network.steps.find((step) => step.key === key)?.hold === stay.key,
    );
    const before = [
      ...network.links.filter((link) => link.to === key).map((link) => link.from),
      ...holds.flatMap((stay) => (stay.from === key ? [] : [stay.from])),
    ];
    return before.some(walk);
  };
  return walk(later);
};

describe('every network', () => {
  const all = [
    ...(['Keep', 'Work', 'Road', 'Show', 'Mirror'] as const).flatMap((level) =>
      ['box-body', 'open-hull', 'low-wing'].map((kind) => [kind, level] as const),
    ),
  ];

  test.each(all)(
    '%s at %s has distinct keys, known ends of links, known operations and no negative figures',
    (kind, level) => {
      const network = build(kind, { level });
      const known = new Set(keys(network));
      expect(known.size).toBe(network.steps.length);
      for (const link of network.links) {
        expect(known).toContain(link.from);
        expect(known).toContain(link.to);
        expect(link.max === null || link.max >= link.min).toBe(true);
      }
      for (const stay of network.stays) {
        expect(known).toContain(stay.from);
        expect(known).toContain(stay.to);
      }
      for (const step of network.steps) {
        expect(() => operationOf(step.operation)).not.toThrow();
        expect(step.minutes).toBeGreaterThanOrEqual(0);
        expect(step.personMinutes).toBeGreaterThanOrEqual(0);
        for (const need of step.needs) expect(shelf.has(need.product)).toBe(true);
      }
    },
  );

  test('the same job builds the same network: keys are stable', () => {
    expect(build('box-body', { level: 'Show' })).toEqual(build('box-body', { level: 'Show' }));
  });
});

describe('sheet metal', () => {
  const show = build('box-body', { level: 'Show' });

  test('goes strip, metal, treat, epoxy, filler, build, block, mask, colour, clear, sand, polish, refit', () => {
    const line = [
      'sides/strip',
      'sides/metalwork',
      'body/treat-steel',
      'body/epoxy/epoxy-1',
      'sides/fill-1',
      'sides/block-filler-1-p80',
      'sides/block-filler-1-p150',
      'body/build-1/build-1',
      'sides/block-1-p180',
      'sides/block-2-p240',
      'sides/block-2-p320',
      'sides/refine-p400',
      'sides/refine-p500',
      'sides/mask',
      'sides/tape-edges',
      'sides/colour-sand-p800',
      'sides/colour-sand-p1000',
      // (30 + 2 + 2 × 20.4) / 18 is more than four coats: the edges stay taped through 1000.
      'sides/untape-edges-p1000',
      'sides/colour-sand-p1500',
      'sides/colour-sand-p5000',
      'sides/polish-cut',
      'sides/polish-medium',
      'sides/polish-fine',
      'body/refit',
    ];
    line
      .slice(1)
      .forEach((key, i) =>
        expect([key, line[i], follows(show, key, line[i]!)]).toEqual([key, line[i], true]),
      );
  });

  test('Show has two filler rounds and two block rounds, Work one of each, Mirror three and four', () => {
    const count = (network: StepNetwork, pattern: RegExp) =>
      new Set(keys(network).flatMap((key) => pattern.exec(key)?.[1] ?? [])).size;
    const rounds = (network: StepNetwork) => [
      count(network, /^sides\/fill-(\d)/),
      count(network, /^sides\/block-(\d)/),
    ];
    expect(rounds(show)).toEqual([2, 2]);
    expect(rounds(build('box-body', { level: 'Work' }))).toEqual([1, 1]);
    expect(rounds(build('box-body', { level: 'Mirror' }))).toEqual([3, 4]);
  });

  test('bare steel must see epoxy within 480 minutes, bare aluminium within 1440', () => {
    const window = (network: StepNetwork) => network.links.find((link) => link.why.code === 'bare-metal')!;
    expect(window(show)).toMatchObject({ from: 'body/treat-steel', to: 'body/epoxy/epoxy-1', max: 480 });
    expect(window(build('box-body', {}, { substrate: 'aluminium' }))).toMatchObject({
      from: 'body/treat-aluminium',
      max: 1440,
    });
  });

  test('scuffed sections skip metal, epoxy, filler and blocking, and Show on them is warned', () => {
    const scuffed = build('box-body', { level: 'Show' }, { depth: 'scuff' });
    expect(keys(scuffed).filter((key) => /metalwork|epoxy|fill|block|treat/.test(key))).toEqual([]);
    expect(scuffed.warnings).toContainEqual({ code: 'gloss-over-straightness', section: 'sides' });
  });

  test('single stage has no clear and one session less', () => {
    const single = build('box-body', { level: 'Show' }, { system: 'single-stage' });
    expect(single.steps.some((step) => step.coat?.role === 'clear')).toBe(false);
    expect(single.stays.filter((stay) => stay.kind === 'session').length).toBeLessThan(
      show.stays.filter((stay) => stay.kind === 'session').length,
    );
  });

  test('Keep lays no coat and blocks nothing: washed and lightly polished', () => {
    const keep = build('box-body', { level: 'Keep' }, { depth: 'scuff' });
    expect(keep.steps.some((step) => step.coat)).toBe(false);
    expect(keys(keep)).toContain('sides/polish-only');
    expect(keys(keep).filter((key) => key.includes('colour-sand'))).toEqual([]);
  });

  test('the roof is painted before the sides', () => {
    expect(follows(show, 'sides/mask', 'roof/paint/unload')).toBe(true);
  });

  test('a vehicle too long for the booth is said, with the figures', () => {
    const long = build('box-body', { dimensions: { length: 12 } });
    expect(long.warnings).toContainEqual({ code: 'too-long-for-booth', neededM: 13.5, boothM: 11 });
  });

  test('without a painter the plan says whose hand is missing', () => {
    const shop = {
      ...demoShop,
      people: demoShop.people.filter((person) => !person.skills.includes('paint')),
    };
    expect(build('box-body', {}, {}, shop).warnings).toContainEqual({ code: 'no-skill', skill: 'paint' });
  });
});

describe('how the old paint comes off', () => {
  const section = (over: Partial<JobSection>) =>
    stripMethod({ substrate: 'steel', depth: 'bare', oldFinish: 'enamel', ...over } as JobSection);

  test('gel on aluminium, disc on steel; peeling clear × 1.5, gummy films × 5', () => {
    expect(section({ substrate: 'aluminium' }).operation).toBe('strip-chemical');
    expect(section({})).toMatchObject({ operation: 'strip-disc', slower: 1 });
    expect(section({ oldFinish: 'peeling-clear' }).slower).toBe(1.5);
    expect(section({ oldFinish: 'one-part' }).slower).toBe(5);
    expect(section({ oldFinish: 'lacquer' })).toMatchObject({ operation: 'strip-solvent', slower: 1 });
  });

  test('no stripper ever on laminate', () => {
    expect(section({ substrate: 'laminate' }).operation).not.toBe('strip-chemical');
  });
});

describe('hulls', () => {
  const road = build('open-hull', { level: 'Road' });

  test('no booth, no clear; at Road one fairing round and three topcoats, sanded between', () => {
    expect(road.stays.every((stay) => stay.placeKind === 'bay')).toBe(true);
    const own = keys(road).filter((key) => key.startsWith('topsides/'));
    expect(own.filter((key) => key.includes('/fair-'))).toHaveLength(1);
    expect(own.filter((key) => /\/topcoat-\d$/.test(key))).toHaveLength(3);
    expect(own.filter((key) => key.includes('/sand-topcoat-'))).toHaveLength(3);
  });

  test('barrier coats and antifouling follow wet on cured without sanding, inside a window', () => {
    expect(keys(road).some((key) => key.startsWith('bottom/sand-'))).toBe(false);
    expect(road.softWindows.some((window) => window.to === 'bottom/antifouling-1')).toBe(true);
  });

  test('antifouling carries its biocide caution, two-pack topcoat its isocyanate caution though rolled', () => {
    const cautionsOf = (key: string) => road.steps.find((step) => step.key === key)!.cautions;
    expect(cautionsOf('bottom/antifouling-1')).toContain('biocide');
    expect(cautionsOf('topsides/topcoat-1')).toContain('isocyanate');
  });
});

describe('aircraft', () => {
  const network = build('low-wing', { level: 'Show' });

  test('no filler and no blocking on metal skins at any level, and no disc', () => {
    for (const level of ['Work', 'Road', 'Show', 'Mirror'] as const)
      expect(
        build('low-wing', { level }).steps.filter((step) =>
          ['fill', 'block', 'strip-disc'].includes(step.operation),
        ),
      ).toEqual([]);
  });

  test('bare skin is inspected before treatment, and three holds close the job', () => {
    expect(follows(network, 'airframe/treat-aluminium', 'hold/skin-airframe')).toBe(true);
    expect(follows(network, 'airframe/strip-down', 'hold/release')).toBe(true);
    // What was balanced is rigged; what is rigged is counted off and weighed.
    expect(follows(network, 'rig', 'hold/balance')).toBe(true);
    for (const key of ['hold/covers', 'hold/weight']) expect(follows(network, key, 'rig')).toBe(true);
    expect(network.warnings.filter((one) => one.code === 'unsigned-hold')).toHaveLength(7);
  });

  test('a signed hold is not warned of', () => {
    const signOffs = [
      {
        step: 'hold/weight',
        name: 'A. Engineer',
        licence: 'L-1',
        date: '2027-01-10',
        signedBy: '',
        bound: null,
      },
    ];
    expect(build('low-wing', { signOffs }).warnings).not.toContainEqual({
      code: 'unsigned-hold',
      step: 'hold/weight',
    });
  });

  test('the film of epoxy and topcoats stays below 150 µm', () => {
    const um = network.steps
      .filter((step) => step.sections[0] === 'wings' && step.coat)
      .reduce((sum, step) => sum + step.coat!.dryUm, 0);
    expect(um).toBeLessThanOrEqual(150);
  });

  test('stripping shows the cautions for skins and for old paint', () => {
    const strip = network.steps.find((step) => step.key === 'wings/strip')!;
    expect(strip.cautions).toEqual(expect.arrayContaining(['lead-chromate', 'caustic', 'aircraft-skin']));
  });
});

test('every operation that sands, scrapes or strips old paint carries the lead and chromate caution', () => {
  const old = catalogue.filter((one) =>
    ['strip-chemical', 'strip-disc', 'sand-stable', 'scuff'].includes(one.code),
  );
  expect(old).toHaveLength(4);
  for (const one of old) expect(one.cautions).toContain('lead-chromate');
});
