import { schemeOf, unchosenColour, type Edit } from '../../core/record';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { hidingOf, schemesOf } from './changes';
import { saveEdit, undoLast } from './edits';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const number = 'P-016';
const stored = async () => (await loadJob(database(), number))!;
const job = async () => (await stored()).job;
const seen = async (id: string) => (await stored()).versions[`${number}/${id}`]!;
const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const undo = () => undoLast(number, writerNamed('ann'));
const keep = (name: string, over: Partial<Extract<Edit, { kind: 'keep-scheme' }>> = {}) =>
  save({
    kind: 'keep-scheme',
    job: number,
    name,
    ifUnmatched: null,
    mostAttempts: 3,
    lastDay: null,
    note: '',
    ...over,
  });
const keptAs = async (name: string) => (await job()).alternatives.find((one) => one.name === name)!;
const take = async (name: string, over: { seen?: number; on?: string } = {}) => {
  const { id } = await keptAs(name);
  return save({
    kind: 'take-scheme',
    job: number,
    id,
    seen: await seen(id),
    by: 'A. Owner',
    on: '2026-11-02',
    ...over,
  });
};
const faultsOf = (outcome: Awaited<ReturnType<typeof save>>) =>
  outcome.status === 'faulty' ? outcome.faults.map(({ place }) => place) : [outcome.status];

test('a scheme is kept, another laid out, and the first chosen: all of it is back, and the other kept beside it', async () => {
  const first = await job();
  expect((await keep('With the flash')).status).toBe('saved');
  const [flash] = first.constructions;
  await save({
    kind: 'remove-item',
    job: number,
    list: 'constructions',
    id: flash!.id,
    seen: await seen(flash!.id),
  });
  await save({
    kind: 'section',
    job: number,
    section: 'wings',
    seen: await seen('wings'),
    set: { colour: 'c.thistle-violet', level: 'Road' },
  });
  const gold = first.colours.find((one) => one.id === 'c.bracken-gold')!;
  await save({
    kind: 'set-item',
    job: number,
    list: 'colours',
    id: gold.id,
    seen: await seen(gold.id),
    set: { hex: '#101010', coats: 4 },
  });
  const second = await job();
  const planned = (await schemesOf(number))!;
  expect(planned.map((one) => [one.id === null, one.isNow])).toEqual([
    [true, true],
    [false, false],
  ]);
  expect(planned[1]!.figures.labourMin).not.toBe(planned[0]!.figures.labourMin);

  expect((await take('With the flash')).status).toBe('saved');
  const after = await job();
  expect(schemeOf(after)).toEqual(schemeOf(first));
  expect(await keptAs('With the flash')).toMatchObject({ chosenBy: 'A. Owner', chosenOn: '2026-11-02' });
  expect(
    schemeOf({ ...after, ...(await keptAs('Before With the flash')).scheme } as typeof after),
  ).toMatchObject({
    constructions: second.constructions,
  });

  // The other one is chosen: the mark goes over to it, and nothing is kept twice.
  expect((await take('Before With the flash')).status).toBe('saved');
  const last = await job();
  expect(schemeOf(last)).toEqual(schemeOf(second));
  expect(last.alternatives).toHaveLength(2);
  expect(last.alternatives.filter((one) => one.chosenOn !== null).map((one) => one.name)).toEqual([
    'Before With the flash',
  ]);

  for (let i = 0; i < 6; i += 1) expect((await undo()).status).toBe('saved');
  expect(await job()).toEqual(first);
});

test('a choice on what somebody changed since, of tomorrow, of what is gone, is refused where it was typed', async () => {
  const before = await job();
  await keep('One');
  expect((await take('One', { seen: 99 })).status).toBe('conflict');
  expect(faultsOf(await take('One', { on: '2199-01-01' }))).toEqual(['on']);
  const gone = {
    kind: 'take-scheme',
    job: number,
    id: 'nobody',
    seen: 1,
    by: 'Ann',
    on: '2026-11-02',
  } as const;
  expect(faultsOf(await save(gone))).toEqual(['id']);
  expect(faultsOf(await keep('Two', { ifUnmatched: 'c.none' }))).toEqual(['ifUnmatched']);
  for (const name of ['2', '3', '4', '5', '6']) expect((await keep(name)).status).toBe('saved');
  expect(faultsOf(await keep('7'))).toEqual(['name']);
  for (let i = 0; i < 6; i += 1) await undo();
  expect(await job()).toEqual(before);
});

test('a kept scheme that would bring more colours than a job may have is refused, and nothing is changed', async () => {
  const before = await job();
  await keep('Few colours');
  const kept = await keptAs('Few colours');
  const more = Array.from({ length: 23 }, (_, i) => ({ ...before.colours[0]!, id: `c.more-${i}` }));
  const scheme = { ...kept.scheme, colours: [...kept.scheme.colours.slice(0, 1), ...more] };
  const sections = scheme.sections.map((one) => ({ ...one, colour: scheme.colours[0]!.id }));
  const set = { scheme: { ...scheme, sections, constructions: [] } };
  const edit = {
    kind: 'set-item',
    job: number,
    list: 'alternatives',
    id: kept.id,
    seen: await seen(kept.id),
    set,
  } as const;
  expect((await save(edit)).status).toBe('saved');
  const standing = await job();
  expect(faultsOf(await take('Few colours'))).toEqual(['id']);
  expect(await job()).toEqual(standing);
  for (let i = 0; i < 2; i += 1) await undo();
  expect(await job()).toEqual(before);
});

test('a colour that names what the body cannot have, or that something still has, is refused at its place', async () => {
  const before = await job();
  const add = (system: string) =>
    save({
      kind: 'add-item',
      job: number,
      list: 'colours',
      item: { ...colourWithoutId, name: 'Silver', system },
    });
  expect(faultsOf(await add('silver-clear'))).toEqual(['item.system']);
  expect(faultsOf(await add('nobody-knows'))).toEqual(['item.system']);
  expect((await add('aircraft')).status).toBe('saved');
  const silver = (await job()).colours.at(-1)!;
  const inside = await save({
    kind: 'section',
    job: number,
    section: 'controls',
    seen: await seen('controls'),
    set: { insideColour: 'c.none' },
  });
  expect(faultsOf(inside)).toContain('set.insideColour');
  const blind = (await job()).sections.find((one) => one.key === 'airframe')!;
  const noInside = await save({
    kind: 'section',
    job: number,
    section: blind.key,
    seen: await seen(blind.key),
    set: { insideColour: silver.id },
  });
  expect(faultsOf(noInside)).toEqual(['set.insideColour']);
  const item = { what: 'Spinner', kind: 'other', colour: silver.id, finish: '' } as const;
  expect((await save({ kind: 'add-item', job: number, list: 'looseItems', item })).status).toBe('saved');
  expect(
    faultsOf(
      await save({ kind: 'add-item', job: number, list: 'looseItems', item: { ...item, colour: 'c.none' } }),
    ),
  ).toEqual(['item.colour']);
  const remove = async () =>
    save({ kind: 'remove-item', job: number, list: 'colours', id: silver.id, seen: await seen(silver.id) });
  const refused = await remove();
  expect(refused).toMatchObject({ faults: [{ place: 'id', reason: expect.stringContaining('Spinner') }] });
  for (let i = 0; i < 2; i += 1) await undo();
  expect(await job()).toEqual(before);
});

const { id: _id, ...colourWithoutId } = unchosenColour;

test('what colours hide is reckoned from the job as it stands', async () => {
  const rows = (await hidingOf(number))!;
  const chalk = rows.find((one) => one.name === 'Chalk')!;
  expect(chalk.hides).toMatchObject({ isHidden: false });
  expect(rows.find((one) => one.name === 'Thistle Violet')!.hides).toMatchObject({ isHidden: true });
  expect(await hidingOf('P-999')).toBeNull();
});
