import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf, type Shelf } from '../film';
import { jobFixture } from '../job.fixture';
import { withJobSchools, type Job, type SchoolChoice } from '../record';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';
import type { Group } from './group';
import { operation } from './operation';
import type { Task } from './task-model';
import { inOrder, nodesOf, stageOf } from './task-order';
import type { WorkState } from './work-state';

const shelf = shelfOf(standardShelf);
const build = (job: Job, given: Shelf = shelf) =>
  buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf: given });
const built = (bodyKind: string, level: Job['level'], schools: SchoolChoice = {}, given: Shelf = shelf) =>
  build(withJobSchools({ ...jobFixture({ bodyKind, level }), schools }), given);
type Network = ReturnType<typeof build>;
const stay = ({ stays }: Network, key: string) => stays.find((one) => one.key === key)!;
const inStay = ({ steps }: Network, key: string) => steps.filter((step) => step.hold === key);

const group = (loose: boolean) => ({ key: loose ? 'rack' : 'body', loose }) as Group;
const task = (key: string, stage: string | null, needs: string[] = [], over: Partial<Task> = {}): Task => ({
  key,
  operation: operation({
    code: key,
    name: key,
    phase: 'metal',
    basis: 'fixed',
    rate: 0,
    stage,
    why: 'w',
    lost: 'l',
  }),
  group: group(false),
  sections: [],
  scope: 'shell',
  ground: null,
  colour: '',
  again: 0,
  round: 0,
  rounds: 2,
  needs: new Map(needs.map((one): [string, WorkState] => [one, 'washed'])),
  ...over,
});
const asMap = (...tasks: Task[]) => new Map(tasks.map((one) => [one.key, one]));

describe('the stay a task belongs to', () => {
  test('is its stage; block rounds, masks and scuffs have their own, loose lots and free work none', () => {
    expect(stageOf(task('a', 'metal'), false)).toBe('metal');
    expect(stageOf(task('a', 'block', [], { round: 2 }), false)).toBe('block-2');
    expect(stageOf(task('refine', 'block'), false)).toBe('block-2');
    expect(stageOf(task('a', 'mask'), false)).toBe('mask-shell');
    expect(stageOf(task('a', 'scuff', [], { round: 1 }), false)).toBe('scuff-shell-2');
    expect(stageOf(task('a', 'metal', [], { group: group(true) }), false)).toBeNull();
    expect(stageOf(task('a', null), false)).toBeNull();
  });

  test('on a hull is the hull’s one stay, whatever the stage', () => {
    expect(stageOf(task('a', 'mask'), true)).toBe('hull');
    expect(stageOf(task('a', null), true)).toBeNull();
  });
});

describe('tasks gathered into stays', () => {
  test('one stage is one stay while nothing outside lies between its tasks', () => {
    const nodes = nodesOf(
      asMap(task('a', 'metal'), task('b', 'metal', ['a']), task('c', null, ['b'])),
      false,
    );
    expect(nodes.map((node) => node.tasks.map((one) => one.key))).toEqual([['a', 'b'], ['c']]);
  });

  test('where other work lies between, the body comes back for a second stay', () => {
    const tasks = asMap(task('a', 'metal'), task('b', 'filler', ['a']), task('c', 'metal', ['b']));
    const nodes = nodesOf(tasks, false);
    expect(nodes.map((node) => node.stage)).toEqual(['metal', 'filler', 'metal-again-2']);
    expect([...nodes[2]!.before]).toEqual([nodes[1]]);
  });

  test('each stay comes after those it waits for, however the tasks are given', () => {
    const tasks = asMap(task('c', 'refit', ['b']), task('b', null, ['a']), task('a', 'metal'));
    expect(nodesOf(tasks, false).map((node) => node.key)).toEqual(['body|metal', 'b', 'body|refit']);
  });

  test('tasks that wait for each other are our own bug', () => {
    expect(() => inOrder([task('a', null, ['b']), task('b', null, ['a'])])).toThrow('waits for itself');
  });
});

describe('stays of whole jobs', () => {
  const saloon = built('saloon', 'Show');

  test('strip in the wash bay, metal, filler, each block round, masks, finish and refit in a bay', () => {
    expect(stay(saloon, 'body/strip').placeKind).toBe('wash');
    for (const key of ['metal', 'filler', 'block-1', 'block-2', 'mask-shell', 'finish', 'refit'])
      expect([key, stay(saloon, `body/${key}`).placeKind]).toEqual([key, 'bay']);
  });

  test('a stay is entered and left by steps of its own, and all its work lies in it', () => {
    for (const one of saloon.stays) {
      const keys = inStay(saloon, one.key).map((step) => step.key);
      expect(keys).toContain(one.from);
      expect(keys).toContain(one.to);
      expect(keys.length).toBeGreaterThan(1);
    }
  });

  test('filler on metal brings the body back to metal for its treatment', () => {
    const on = built('saloon', 'Show', { filler: 'on-metal' });
    expect(on.stays.some((one) => one.key === 'body/metal-again-2')).toBe(true);
    expect(inStay(on, 'body/metal-again-2').map((step) => step.operation)).toContain('treat-steel');
  });

  test('loose lots keep no bay: each step takes bench or wash bay for itself', () => {
    const vintage = built('vintage', 'Road');
    const wings = vintage.steps.filter((step) => step.sections.join() === 'wings' && step.hold === null);
    expect(wings.length).toBeGreaterThan(5);
    expect(vintage.stays.some((one) => one.key.startsWith('wings/') && one.kind === 'stay')).toBe(false);
    const places = new Set(wings.filter((step) => step.crew > 0).map((step) => step.place));
    for (const place of places) expect(['bench', 'wash', 'yard', null]).toContain(place);
  });

  test('a hull stands in one stay from the wash to the refit', () => {
    const hull = built('open-hull', 'Show');
    expect(hull.stays.filter((one) => one.kind === 'stay').map((one) => one.key)).toEqual([
      'hull/hull',
      // It comes back for the second look.
      'hull/look',
    ]);
    const outside = hull.steps.filter((step) => step.hold === null).map((step) => step.operation);
    expect(new Set(outside)).toEqual(new Set(['walk', 'test-panel', 'approve-sample', 'handover', 'settle']));
  });

  test('the windows: steel 8 h from its treatment to the first coat, halved above 60 % humidity', () => {
    const window = (humidity: number) => {
      const air = { workC: 18, nightC: 14, humidity };
      const places = demoShop.places.map((place) => ({
        ...place,
        profile: Array.from({ length: 12 }, () => air),
      }));
      const job = jobFixture({ bodyKind: 'saloon', level: 'Show' });
      const made = buildSteps({ job, parts: partsOfJob(job), shop: { ...demoShop, places }, shelf });
      return made.links.find((link) => link.why.code === 'bare-metal')!;
    };
    expect(window(50)).toMatchObject({ from: 'body/treat-steel', to: 'body/epoxy/epoxy-1', max: 480 });
    expect(window(65).max).toBe(240);
    expect(window(80).max).toBe(120);
  });

  test('the first work on a film waits until it can be sanded, guide coat does not', () => {
    const sanded = (to: string) =>
      saloon.links.some((link) => link.to === to && link.why.code === 'sand-after');
    expect(sanded('shell/block-1-p180')).toBe(true);
    expect(sanded('shell/guide-1')).toBe(false);
    expect(sanded('shell/scuff-epoxy')).toBe(true);
    expect(sanded('shell/fill-1')).toBe(false);
    expect(sanded('shell/cure')).toBe(true);
    expect(sanded('shell/colour-sand')).toBe(false);
  });

  test('filler, sealant and fairing compound wait as their sheets say, at the air of the bay', () => {
    // The bay is 18 °C at work and colder by night: never sooner than twenty degrees allow, at most four times as long.
    const wait = (network: Network, from: string, to: string, code: string) => {
      const link = network.links.find((one) => one.from === from && one.to === to && one.why.code === code);
      return link?.min ?? null;
    };
    const inAir = (min: number | null, at20: number) => {
      expect(min).toBeGreaterThanOrEqual(at20);
      expect(min).toBeLessThanOrEqual(4 * at20);
    };
    inAir(wait(saloon, 'shell/fill-1', 'shell/block-filler-1-p80', 'sand-after'), 25);
    inAir(wait(saloon, 'shell/check-filler', 'shell/block-glaze', 'sand-after'), 20);
    inAir(wait(saloon, 'shell/seal-seams', 'body/build-1/build-1', 'recoat-min'), 60);
    const hull = built('open-hull', 'Road');
    inAir(wait(hull, 'topsides/fair-1', 'topsides/block-fairing-1-p80', 'sand-after'), 12 * 60);
  });

  test('a filler of a slower sheet, typed on the Shelf, holds its blocking for longer', () => {
    const slow = new Map(shelf);
    const filler = shelf.get('filler')!;
    slow.set('filler', { ...filler, coating: { ...filler.coating!, sandAfterMin: 250, recoatMinMin: 250 } });
    const wait = (network: Network) =>
      network.links.find((one) => one.to === 'shell/block-filler-1-p80' && one.why.code === 'sand-after')!
        .min;
    // By night the bay is colder: a longer wait may run into it.
    expect(wait(saloon)).toBeLessThan(100);
    expect(wait(built('saloon', 'Show', {}, slow))).toBeGreaterThanOrEqual(250);
  });
});

test('an operation without needs is done just before its state, on an airframe as on a car', () => {
  const own = operation({
    code: 'ionise',
    name: 'Ionise',
    phase: 'mask',
    basis: 'fixed',
    rate: 0,
    fixedMin: 10,
    why: 'w',
    lost: 'l',
    before: ['masked'],
    when: { is: ['painted'] },
  });
  for (const [bodyKind, section, earlier] of [
    ['saloon', 'shell', 'shell/refine-p500'],
    ['low-wing', 'wings', 'wings/treat-aluminium'],
  ] as const) {
    const job = jobFixture({ bodyKind, level: 'Show' });
    const made = buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf, operations: [own] });
    expect(made.warnings.some((one) => one.code === 'own-operations-ignored')).toBe(false);
    const before = new Map<string, string[]>();
    for (const { from, to } of made.links) before.set(to, [...(before.get(to) ?? []), from]);
    for (const stays of made.stays)
      for (const step of made.steps.filter((one) => one.hold === stays.key && one.key !== stays.to))
        before.set(stays.to, [...(before.get(stays.to) ?? []), step.key]);
    const seen = new Set<string>();
    const queue = [`${section}/ionise`];
    for (let key = queue.pop(); key !== undefined; key = queue.pop())
      if (!seen.has(key)) {
        seen.add(key);
        queue.push(...(before.get(key) ?? []));
      }
    expect([bodyKind, seen.has(earlier)]).toEqual([bodyKind, true]);
    expect(made.links.some((link) => link.from === `${section}/ionise`)).toBe(true);
  }
});

describe('hours', () => {
  const base = jobFixture({ bodyKind: 'coupe', level: 'Road' });
  const wash = (over: object) => {
    const own = {
      ...operation({
        code: 'wash',
        name: 'Wash',
        phase: 'strip',
        basis: 'm²',
        rate: 3,
        why: 'w',
        lost: 'l',
      }),
      stage: 'strip',
      unit: 'group' as const,
      makes: 'washed' as const,
      ...over,
    };
    const made = buildSteps({ job: base, parts: partsOfJob(base), shop: demoShop, shelf, operations: [own] });
    return made.steps.find((step) => step.key === 'body/wash')!;
  };

  test('a level’s own factor multiplies the rate, the shop’s rate is multiplied too', () => {
    const plain = wash({});
    expect(wash({ levelFactor: { Road: 2 } }).personMinutes).toBeCloseTo(2 * plain.personMinutes, -1);
    expect(wash({ levelFactor: { Show: 2 } }).personMinutes).toBe(plain.personMinutes);
  });

  test('fixed minutes take no factor; the crew keeps between its least and its most', () => {
    expect(wash({ fixedMin: 30 }).personMinutes - wash({}).personMinutes).toBe(30);
    expect(wash({ leastCrew: 2, usualCrew: 2 }).crew).toBe(2);
    expect(wash({ usualCrew: 4, mostCrew: 4 }).crew).toBeGreaterThan(1);
    expect(wash({ usualCrew: 1, mostCrew: 1 }).crew).toBe(1);
  });
});
