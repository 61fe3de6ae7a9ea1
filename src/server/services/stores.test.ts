import { readShelfCsv } from '../../core/exchange';
import type { Edit } from '../../core/record';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { currentPlan, requireShop } from './plans';
import { exportShelf, historyOf, importShelf, restoreStandardShelf } from './shelf';
import { committedOf, currentStores, currentTrials } from './stores';
import { compareSystems, whatIfAir } from './what-if';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const productEdit = async (code: string, set: Record<string, unknown>): Promise<Edit> => {
  const { shelf, productVersions } = await requireShop();
  const { code: _code, ...product } = shelf.get(code)!;
  return { kind: 'product', code, seen: productVersions[code]!, product: { ...product, ...set } };
};
const move = (over: object): Edit => ({
  kind: 'stock',
  move: {
    product: 'clear-21',
    kind: 'received',
    amount: 5,
    costMinor: 12000,
    onDate: null,
    untilDate: null,
    job: 'P-014',
    phase: '',
    batch: '',
    note: '',
    ...over,
  } as Extract<Edit, { kind: 'stock' }>['move'],
});

describe('the Shelf', () => {
  test('a sheet is edited, a second editor who saw the old one is told, undo brings it back, history tells', async () => {
    const first = await productEdit('clear-21', { leadDays: 9 });
    const second = await productEdit('clear-21', { leadDays: 1 });
    expect(await save(first)).toMatchObject({ status: 'saved', label: 'sheet of clear-21' });
    expect(await saveEdit(second, writerNamed('ben'))).toMatchObject({ status: 'conflict', why: 'changed' });
    expect((await requireShop()).shelf.get('clear-21')!.leadDays).toBe(9);
    const [latest] = await historyOf('clear-21');
    expect(latest).toMatchObject({ author: 'ann', before: { leadDays: 3 } });
    expect((await undoLast('shop', writerNamed('ann'))).status).toBe('saved');
    expect((await requireShop()).shelf.get('clear-21')!.leadDays).toBe(3);
    expect(await historyOf('clear-21')).toEqual([]);
  });

  test('written as CSV and read back it is the same shelf', async () => {
    const before = [...(await requireShop()).shelf.values()];
    const text = await exportShelf();
    expect(await importShelf(text, writerNamed('ann'))).toMatchObject({ status: 'saved' });
    expect([...(await requireShop()).shelf.values()]).toEqual(before);
    await undoLast('shop', writerNamed('ann'));
  });

  test('a file with one fault changes nothing', async () => {
    const text = (await exportShelf()).replace(
      'antifouling,Antifouling,coating,L',
      'antifouling,Antifouling,coating,cup',
    );
    const read = await importShelf(text, writerNamed('ann'));
    expect(read).toMatchObject({ status: 'faulty' });
    if (read.status === 'faulty') expect(read.faults[0]!.place).toMatch(/^line \d+, unit$/);
    expect(readShelfCsv(await exportShelf()).status).toBe('ok');
  });

  test('a product that was taken off comes back with the standard ones', async () => {
    const { productVersions } = await requireShop();
    await save({ kind: 'remove-product', code: 'candy-mid', seen: productVersions['candy-mid']! });
    expect((await requireShop()).shelf.has('candy-mid')).toBe(false);
    expect(await restoreStandardShelf(writerNamed('ann'))).toMatchObject({
      status: 'saved',
      label: '1 standard products',
    });
    expect((await requireShop()).shelf.has('candy-mid')).toBe(true);
    expect(await restoreStandardShelf(writerNamed('ann'))).toMatchObject({ status: 'nothing' });
  });
});

describe('the stock book', () => {
  const level = async (product: string) => (await currentStores()).levels.get(product)!;

  test('a receipt is dated by the shop’s day, raises the shelf and what is committed for its job', async () => {
    const before = await currentStores();
    expect(
      await saveEdit(move({ product: 'sealer-grey', amount: 6, costMinor: 16500 }), writerNamed('cat')),
    ).toMatchObject({
      status: 'saved',
    });
    const after = await currentStores();
    expect(after.levels.get('sealer-grey')!.onHand).toBeCloseTo(
      before.levels.get('sealer-grey')!.onHand + 6,
      9,
    );
    expect(after.moves.at(-1)).toMatchObject({ onDate: '2026-12-24', corrects: null });
    expect(committedOf(after, 'P-014') - committedOf(before, 'P-014')).toBe(16500);
    const short = (stores: typeof before) =>
      stores.checks.filter((one) => one.product === 'sealer-grey' && one.shortL > 0).length;
    expect(short(after)).toBeLessThan(short(before));
  });

  test('undo does not touch the book; an entry is taken back by another, and both stay', async () => {
    const count = (await currentStores()).moves.length;
    expect(await undoLast('shop', writerNamed('cat'))).toEqual({ status: 'nothing' });
    expect((await currentStores()).moves).toHaveLength(count);
    const entry = (await currentStores()).moves.find(
      (one) => one.product === 'sealer-grey' && one.amount === 6,
    )!;
    const onHand = (await level('sealer-grey')).onHand;
    expect(await save({ kind: 'correct-stock', id: entry.id, note: 'typed twice' })).toMatchObject({
      status: 'saved',
    });
    expect((await level('sealer-grey')).onHand).toBeCloseTo(onHand - 6, 9);
    expect((await currentStores()).moves).toHaveLength(count + 1);
  });

  test('the list over all jobs takes the shelf off and names the jobs', async () => {
    const { shopping } = await currentStores();
    const degreaser = shopping.find((line) => line.product === 'degreaser')!;
    expect(degreaser.have).toBeCloseTo(18, 9);
    expect(degreaser.short).toBe(Math.max(0, degreaser.need - 18));
    expect(degreaser.jobs.length).toBeGreaterThan(1);
    expect(shopping.some((line) => line.jobs.includes('P-011'))).toBe(false);
  });

  test('trials are added and removed under their version', async () => {
    const trial = { purpose: 'p', name: 'n', priceMinorEach: 10, used: 1, areaM2: 1, minutes: 5, note: '' };
    await save({ kind: 'add-trial', trial });
    const { trials, versions } = await currentTrials();
    const own = trials.find((one) => one.name === 'n')!;
    expect(await save({ kind: 'remove-trial', id: own.id, seen: versions[own.id]! + 1 })).toMatchObject({
      status: 'conflict',
    });
    expect(await save({ kind: 'remove-trial', id: own.id, seen: versions[own.id]! })).toMatchObject({
      status: 'saved',
    });
  });
});

describe('what if', () => {
  test('12 °C everywhere keeps the coach in the booth for longer and changes nothing that is stored', async () => {
    const before = (await loadJob(database(), 'P-014'))!.versions;
    const found = (await whatIfAir('P-014', 12))!;
    expect(found.changed.boothMin).toBeGreaterThan(found.base.boothMin);
    expect(found.changed.finishDate! >= found.base.finishDate!).toBe(true);
    expect((await loadJob(database(), 'P-014'))!.versions).toEqual(before);
  });

  test('5 °C is a stop for every urethane, not a time', async () => {
    const { breaks } = (await whatIfAir('P-014', 5))!;
    expect(breaks).toContainEqual(
      expect.objectContaining({ code: 'air-outside-limits', product: 'clear-21', airC: 5 }),
    );
    expect(await whatIfAir('P-999', 12)).toBeNull();
  });

  test('systems of a section: single stage saves a pass and money, candy is mended as a whole', async () => {
    const systems = (await compareSystems('P-014', 'sides'))!;
    const of = (key: string) => systems.find((one) => one.system === key)!;
    expect(systems.map((one) => one.system)).not.toContain('marine-one-part');
    expect(of('single-stage').materialsMinor).toBeLessThan(of('base-clear').materialsMinor);
    expect(of('single-stage').boothMin).toBeLessThan(of('base-clear').boothMin);
    expect(of('candy')).toMatchObject({ repair: 'whole', forgiveness: 1 });
    expect(await compareSystems('P-014', 'nothing')).toBeNull();
  });

  test('what is done is done: the wings have their paint, and no other system takes back the booth it took', async () => {
    const systems = (await compareSystems('P-014', 'wings'))!;
    const boothOf = (key: string) => systems.find((one) => one.system === key)!.boothMin;
    const { plan } = (await currentPlan('P-014'))!;
    const laid = plan.steps.filter((step) => step.coat && step.sections.includes('wings'));
    expect(laid.length).toBeGreaterThan(0);
    expect(laid.every((step) => step.state === 'done')).toBe(true);
    expect(boothOf('single-stage')).toBe(boothOf('base-clear'));
  });
});

describe('the air of a place', () => {
  test('twelve months are kept and change the plan’s reasons; another editor’s older view is told', async () => {
    const { shop, versions } = await requireShop();
    const bay = shop.places.find((place) => place.id === 'bay-1')!;
    const profile = bay.profile!.map((air) => ({ ...air, nightC: 13 }));
    const edit: Edit = {
      kind: 'place-air',
      place: 'bay-1',
      seen: versions['bay-1']!,
      airC: 18,
      profile,
      forecast: [],
    };
    expect(await save(edit)).toMatchObject({ status: 'saved' });
    expect((await requireShop()).shop.places.find((place) => place.id === 'bay-1')!.profile).toEqual(profile);
    expect(await saveEdit(edit, writerNamed('ben'))).toMatchObject({ status: 'conflict' });
    await undoLast('shop', writerNamed('ann'));
  });
});
