import { readJobBundle, writeJobBundle } from '../../core/exchange';
import { coatSystemOf } from '../../core/film';
import type { Edit, LogEntry } from '../../core/record';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { currentMinute } from './clock';
import { saveEdit, undoLast } from './edits';
import { learnedFactors } from './learned';
import { currentPlan, requireShop } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const job = 'P-014';
const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const planned = async () => (await currentPlan(job))!;
const stepOf = async (key: string) => (await planned()).plan.steps.find((step) => step.key === key)!;

const write = (
  given: Partial<Omit<LogEntry, 'at'>> & Pick<LogEntry, 'step' | 'kind'> & { at?: number | null },
  insist = false,
): Edit => ({
  kind: 'log',
  job,
  insist,
  entry: {
    at: null,
    people: ['dot'],
    parts: [],
    remainingMin: null,
    redo: '',
    coat: null,
    note: '',
    ...given,
  },
});

describe('work on a step', () => {
  const step = 'sides/block-1-p180';

  test('begun, left with what remains, begun again and done: the plan follows each', async () => {
    const now = currentMinute();
    expect(await save(write({ step, kind: 'began', at: now - 60 }))).toMatchObject({ status: 'saved' });
    expect(await stepOf(step)).toMatchObject({ state: 'running', usedMin: 60 });
    expect(await save(write({ step, kind: 'left', at: now - 30, remainingMin: 45 }))).toMatchObject({
      status: 'saved',
    });
    expect(await stepOf(step)).toMatchObject({ state: 'running', usedMin: 30 });
    expect(await save(write({ step, kind: 'began', at: now - 20, people: ['dot', 'jun'] }))).toMatchObject({
      status: 'saved',
    });
    expect(await save(write({ step, kind: 'ended' }))).toMatchObject({ status: 'saved' });
    // 30 min of one person and 20 of two.
    expect(await stepOf(step)).toMatchObject({ state: 'done', usedMin: 70, end: now });
  });

  test('an entry is not undone but taken back, once', async () => {
    const { stored } = await planned();
    const ended = stored.job.log.find((entry) => entry.step === step && entry.kind === 'ended')!;
    expect(await undoLast(job, writerNamed('ann'))).toMatchObject({ status: 'nothing' });
    const back: Edit = { kind: 'correct-log', job, id: ended.id, note: 'not yet' };
    expect(await save(back)).toMatchObject({ status: 'saved' });
    expect((await stepOf(step)).state).toBe('running');
    expect(await save(back)).toMatchObject({ status: 'faulty', faults: [{ place: 'id' }] });
    expect(await save({ ...back, id: 'nothing' })).toMatchObject({ status: 'faulty' });
  });

  test.each([
    ['a step that is not there', { step: 'sides/dream', kind: 'began' as const }, 'entry.step'],
    ['a stranger', { step, kind: 'began' as const, people: ['zoe'] }, 'entry.people'],
    ['nobody', { step, kind: 'began' as const, people: [] }, 'entry.people'],
    ['the future', { step, kind: 'began' as const, at: currentMinuteOfTests() + 60 }, 'entry.at'],
    ['an end before the beginning', { step, kind: 'ended' as const, at: 1000 }, 'entry.at'],
    ['an end without a beginning', { step: 'roof/polish-cut', kind: 'ended' as const }, 'entry.kind'],
    ['a panel that is not there', { step, kind: 'wiped' as const, parts: ['ZZ'] }, 'entry.parts'],
    ['a wipe of nothing', { step, kind: 'wiped' as const }, 'entry.parts'],
    ['a coat without its product', { step, kind: 'coat' as const, parts: ['B1L'] }, 'entry.coat'],
  ])('%s is refused by its place, and nothing is written', async (_name, given, place) => {
    const before = (await planned()).stored.job.log.length;
    const outcome = await save(write(given));
    expect(outcome).toMatchObject({ status: 'faulty', faults: [{ place }] });
    expect((await planned()).stored.job.log).toHaveLength(before);
  });
});

function currentMinuteOfTests(): number {
  return Date.parse('2026-12-24T09:00:00Z') / 60000;
}

describe('a coat', () => {
  const coat = {
    product: 'high-build-41',
    role: 'build' as const,
    nth: 1,
    faces: 'both' as const,
    batch: 'HB 9',
    wetUm: 140,
    air: { airC: 21, surfaceC: 20, humidity: 50, simulated: false },
    reducer: '',
  };
  const given = { step: 'sides/build-2/build-1', kind: 'coat' as const, parts: ['B1L'], coat };
  /** The first coat of the next session: what comes before it has not ended. */
  const next = async () =>
    (await planned()).plan.steps.find(
      (step) => step.coat?.coat === 1 && step.state === 'planned' && step.coat.session.startsWith('sides/'),
    )!;

  test('before what it lies on has ended is told with its reason; insisted on with a note it is kept', async () => {
    const { key: step, coat: laid } = await next();
    const { product, role, session } = laid!;
    const other = { ...given, coat: { ...coat, product, role } };
    const outcome = await save(write({ ...other, step }));
    // What holds it is told, each by its name.
    expect(outcome.status).toBe('faulty');
    const faults = outcome.status === 'faulty' ? outcome.faults : [];
    expect(new Set(faults.map((fault) => fault.place))).toEqual(new Set(['entry.at']));
    expect(faults.every((fault) => fault.reason.endsWith('before it has not ended'))).toBe(true);
    expect(await save(write({ ...other, step }, true))).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'entry.note' }],
    });
    expect(await save(write({ ...other, step, note: 'trial panel' }, true))).toMatchObject({
      status: 'saved',
    });
    const { stored, plan } = await planned();
    const entry = stored.job.log.at(-1)!;
    expect(entry).toMatchObject({
      coat: other.coat,
      parts: ['B1L'],
      note: 'trial panel',
      at: currentMinute(),
    });
    expect(plan.steps.find((one) => one.key === step)!.state).toBe('running');
    // Loading and wiping of the session are implied, not lost.
    expect(plan.steps.find((one) => one.key === `${session}/wipe`)).toMatchObject({
      state: 'done',
      skipped: false,
    });
    expect(await save({ kind: 'correct-log', job, id: entry.id, note: '' })).toMatchObject({
      status: 'saved',
    });
  });

  test('the log travels with the bundle', async () => {
    const { stored, shop } = await planned();
    const bundle = {
      job: stored.job,
      shop: shop.shop,
      shelf: [...shop.shelf.values()],
      operations: shop.operations,
    };
    const read = readJobBundle(writeJobBundle(bundle));
    expect(read.status).toBe('ok');
    if (read.status === 'ok') expect(read.value.job.log).toEqual(stored.job.log);
  });
});

describe('what the log teaches', () => {
  test('a factor counts once it is accepted, and can be returned', async () => {
    const row = (await learnedFactors()).find((one) => one.operation === 'strip-down')!;
    expect(row).toMatchObject({ accepted: 1, seen: null });
    expect(row.factor).toBeGreaterThan(1);
    const before = (await planned()).plan.steps.find((step) => step.operation === 'mask')!;
    const accept: Edit = { kind: 'learned', operation: 'mask', seen: null, factor: 1.5 };
    expect(await save(accept)).toMatchObject({ status: 'saved' });
    const after = (await planned()).plan.steps.find((step) => step.key === before.key)!;
    const { fixedMin, rate, weighted, share } = before.figure;
    expect(after.figure.learned).toBe(1.5);
    expect(after.personMinutes).toBe(Math.round(fixedMin + rate * weighted * share * 1.5));
    expect(await save(accept)).toMatchObject({ status: 'conflict' });
    expect(await undoLast('shop', writerNamed('ann'))).toMatchObject({ status: 'saved' });
    expect((await requireShop()).shop.learned).toEqual({});
  });
});

describe('systems and ladders of the shop', () => {
  test('a changed system plans every job that goes by it; the trade’s returns with undo', async () => {
    const { key, ...entry } = coatSystemOf('base-clear')!;
    const layers = entry.layers.map((layer) =>
      layer.role === 'colour' ? { ...layer, coats: { rule: 'fixed' as const, count: 5 } } : layer,
    );
    const coats = async () =>
      (await planned()).plan.sections
        .find((one) => one.base === 'sides')!
        .layers.find((layer) => layer.role === 'colour')!.computedCoats;
    expect(await coats()).toBe(3);
    expect(await save({ kind: 'coat-system', key, seen: null, entry: { ...entry, layers } })).toMatchObject({
      status: 'saved',
    });
    expect(await coats()).toBe(5);
    await undoLast('shop', writerNamed('ann'));
    expect(await coats()).toBe(3);
  });

  test('a section goes only by what is there, and what is gone by is not removed', async () => {
    const { versions, job: record } = (await loadJob(database(), job))!;
    const section = record.sections[0]!.key;
    const set = (ladder: string, seen: number): Edit => ({
      kind: 'section',
      job,
      section,
      seen,
      set: { ladder },
    });
    const seen = versions[`${job}/${section}`]!;
    expect(await save(set('steep', seen))).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'set.ladder', reason: 'there is no ladder steep' }],
    });
    const steps = [
      { grit: 1500, removalUm: 5 },
      { grit: 'polish' as const, removalUm: 0.5 },
    ];
    const entry = { name: 'Steep', why: 'short', use: 'colour' as const, hand: true, steps };
    expect(await save({ kind: 'ladder', key: 'steep', seen: null, entry })).toMatchObject({
      status: 'saved',
    });
    expect(await save(set('steep', seen))).toMatchObject({ status: 'saved' });
    const removed = await save({ kind: 'ladder', key: 'steep', seen: 1, entry: null });
    expect(removed).toMatchObject({ status: 'faulty', faults: [{ place: 'key' }] });
    await undoLast(job, writerNamed('ann'));
    expect(await save({ kind: 'ladder', key: 'steep', seen: 1, entry: null })).toMatchObject({
      status: 'saved',
    });
  });
});
