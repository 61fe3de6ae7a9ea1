import type { Edit, Sample } from '../../core/record';
import { acceptedSample } from '../../core/record/sample.fixture';
import { demoShop } from '../../demo/shop';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const number = 'P-015';
const stored = async () => (await loadJob(database(), number))!;
const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const show = (over: Partial<Sample> = {}) => {
  const { id: _, ...item } = acceptedSample('c.deep-estuary', { onDate: '2026-11-02', ...over });
  return save({ kind: 'add-item', job: number, list: 'samples', item });
};
const places = (outcome: Awaited<ReturnType<typeof save>>) =>
  outcome.status === 'faulty' ? outcome.faults.map(({ place }) => place) : [outcome.status];
const blank = { at: null, parts: [], remainingMin: null, redo: '', coat: null };
const open = async () => {
  const { plan } = (await currentPlan(number))!;
  return plan.warnings.flatMap((one) => (one.code === 'sample-open' ? [one.colour] : []));
};

test('an accepted sample lets its colour be booked; taken back it waits again', async () => {
  expect(await open()).toEqual(expect.arrayContaining(['Deep Estuary', 'Gull White']));
  expect(places(await show())).toEqual(['saved']);
  expect(await open()).not.toContain('Deep Estuary');
  expect(await open()).toContain('Gull White');
  await undoLast(number, writerNamed('ann'));
  expect(await open()).toContain('Deep Estuary');
});

test('a verdict without name, light, size or reason is refused where it was typed', async () => {
  expect(places(await show({ by: '', light: '' }))).toEqual(['item.by', 'item.light']);
  expect(places(await show({ widthMm: 600, heightMm: 200 }))).toEqual(['item.heightMm']);
  expect(places(await show({ verdict: 'at-risk', note: '' }))).toEqual(['item.note']);
  expect(places(await show({ onDate: '2099-01-01' }))).toEqual(['item.onDate']);
  expect(places(await show({ colour: 'c.none' }))).toEqual(['item.colour']);
  // One that waits for a verdict needs none of it yet.
  expect(places(await show({ verdict: 'waiting', by: '', light: '', widthMm: 50 }))).toEqual(['saved']);
  const { job, versions } = await stored();
  const [{ id } = { id: '' }] = job.samples;
  const accept: Edit = {
    kind: 'set-item',
    job: number,
    list: 'samples',
    id,
    seen: versions[`${number}/${id}`]!,
    set: { verdict: 'accepted' },
  };
  expect(places(await save(accept))).toEqual(['set.by', 'set.light', 'set.widthMm']);
});

test('a colour that was shown is not removed; what waits for a sample is not begun without a reason', async () => {
  const { job, versions } = await stored();
  const { id } = job.colours.find((one) => one.id === 'c.deep-estuary')!;
  const seen = versions[`${number}/${id}`]!;
  expect(places(await save({ kind: 'remove-item', job: number, list: 'colours', id, seen }))).toEqual(['id']);
  const { plan } = (await currentPlan(number))!;
  const look = plan.steps.find((one) => one.operation === 'approve-sample')!;
  const painter = demoShop.people.find((one) => one.skills.includes('paint'))!.id;
  const entry = (kind: 'began' | 'ended', step: string, note = '') =>
    save({
      kind: 'log',
      job: number,
      entry: { ...blank, step, kind, people: [painter], note },
      insist: note !== '',
    });
  expect(places(await entry('began', look.key, 'the owner is here today'))).toEqual(['saved']);
  expect(places(await entry('ended', look.key))).toEqual(['entry.kind']);
  const coat = plan.steps.find((one) => one.coat?.role === 'topcoat' && one.heldBy.length > 0)!;
  expect(places(await entry('began', coat.key))).toContain('entry.step');
});
