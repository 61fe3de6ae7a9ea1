import type { TypedFigure } from '../../core/figures';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { shopId } from '../repositories/shop-repository';
import { saveEdit, undoLast } from './edits';
import { exportFigures, importFigures } from './figures';
import { currentPlans, requireShop } from './plans';
import { readSnapshot } from './snapshot';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const writer = writerNamed('ann');
const flat = (value: number): TypedFigure => ({ key: 'transfer.flat', scope: 'shop', of: '', value });
const shopEdit = async (figures: TypedFigure[]) => {
  const { versions } = await requireShop();
  return saveEdit({ kind: 'shop', seen: versions[shopId]!, set: { figures } }, writer);
};
const jobEdit = async (figures: TypedFigure[]) => {
  const [found] = (await readSnapshot('P-014')).jobs;
  return saveEdit({ kind: 'job', job: 'P-014', seen: found!.versions['P-014']!, set: { figures } }, writer);
};
const litresAhead = async (): Promise<number> => {
  const { plan } = (await currentPlans()).find((one) => one.stored.job.number === 'P-014')!;
  return plan.sessions.reduce((sum, one) => sum + one.netL, 0);
};

test('a figure of the shop moves the plans of its jobs, and undo brings them back', async () => {
  const before = await litresAhead();
  expect(await shopEdit([flat(0.325)])).toMatchObject({ status: 'saved' });
  // Half of what was sprayed at flat panels stays: more is needed, no more than twice as much.
  const after = await litresAhead();
  expect(after).toBeGreaterThan(before);
  expect(after).toBeLessThan(2 * before);
  expect((await undoLast('shop', writer)).status).toBe('saved');
  expect(await litresAhead()).toBeCloseTo(before, 9);
});

test('what is typed for a product, section or panel that is not there is refused where it was typed', async () => {
  expect(await shopEdit([flat(0.6), { ...flat(0.6), scope: 'product', of: 'no-such' }])).toEqual({
    status: 'faulty',
    faults: [{ place: 'set.figures[1].of', reason: 'no product no-such is on the shelf' }],
  });
  expect(
    await jobEdit([
      { key: 'kept.stop', scope: 'panel', of: 'R1', value: 90 },
      { key: 'kept.stop', scope: 'section', of: 'nowhere', value: 90 },
    ]),
  ).toEqual({
    status: 'faulty',
    faults: [{ place: 'set.figures[1].of', reason: 'there is no section nowhere in P-014' }],
  });
});

test('figures are written to a file and read from one, all or nothing, in one edit', async () => {
  const text = 'key;scope;of;value\nmix.reserve;;;5 %\nmix.cup;product;clear-21;1 qt\n';
  expect(await importFigures(null, text, writer)).toMatchObject({ status: 'saved' });
  const { shop } = await requireShop();
  expect(shop.figures).toEqual([
    { key: 'mix.reserve', scope: 'shop', of: '', value: 0.05 },
    { key: 'mix.cup', scope: 'product', of: 'clear-21', value: 0.946353 },
  ]);
  expect(await exportFigures(null)).toContain('mix.cup,product,clear-21,0.946353,L');
  const faulty = await importFigures(null, 'key,value\nmix.cup,2\nmix.reserve,7\n', writer);
  expect(faulty).toMatchObject({ status: 'faulty', faults: [{ place: 'line 3' }] });
  expect((await requireShop()).shop.figures).toEqual(shop.figures);
  await undoLast('shop', writer);
  expect((await requireShop()).shop.figures).toEqual([]);
  expect(await exportFigures('P-999')).toBeNull();
});

test('a rate of one operation is kept for the job; what has none is refused, for the job and for the shop', async () => {
  const stored = (await loadJob(database(), 'P-014'))!;
  const set = async (rates: Record<string, number>) => {
    const { versions } = (await loadJob(database(), 'P-014'))!;
    return saveEdit(
      { kind: 'job', job: 'P-014', seen: versions['P-014']!, set: { rates } },
      writerNamed('ann'),
    );
  };
  expect((await set({ mask: 7.5 })).status).toBe('saved');
  expect((await loadJob(database(), 'P-014'))!.job.rates).toEqual({ mask: 7.5 });
  const refused = await set({ mask: 7.5, polish: 20 });
  expect(refused.status === 'faulty' && refused.faults.map(({ place }) => place)).toEqual([
    'set.rates.polish',
  ]);
  expect((await set({})).status).toBe('saved');
  expect((await loadJob(database(), 'P-014'))!.job.rates).toEqual(stored.job.rates);
  const shop = await saveEdit(
    { kind: 'rate', operation: 'polish', seen: null, rate: 20 },
    writerNamed('ann'),
  );
  expect(shop.status === 'faulty' && shop.faults.map(({ place }) => place)).toEqual(['rate']);
});
