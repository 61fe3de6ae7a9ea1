import type { Edit } from '../../core/record';
import { netOfJob } from '../../core/survey';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { currentPlan } from './plans';

beforeAll(freshDemo);
afterAll(closeAll);

const stored = async () => (await loadJob(database(), 'P-015'))!;
const job = async () => (await stored()).job;
const save = (edit: Edit) => saveEdit(edit, { author: 'ann' });
const undo = () => undoLast('P-015', { author: 'ann' });
const seenOf = async (section: string) => (await stored()).versions[`P-015/${section}`]!;
const panelsOf = async (section: string) =>
  netOfJob(await job()).flatMap((part) => (part.section === section ? [part.key] : []));
const add = (name: string, parts: string[], like = 'topsides') =>
  save({ kind: 'add-section', job: 'P-015', like, name, parts: parts.map((part) => ({ part, seen: null })) });
const join = async (section: string, into: string) =>
  save({ kind: 'remove-section', job: 'P-015', section, seen: await seenOf(section), into });

test('panels become a section of their own with the choices of theirs, and steps of its own; undo brings them back', async () => {
  const before = await job();
  const model = before.sections.find((one) => one.key === 'topsides')!;
  expect((await add('Bow rail', ['T3S', 'T3P'])).status).toBe('saved');
  const made = (await job()).sections.at(-1)!;
  expect(made).toEqual({ ...model, key: 'bow-rail', name: 'Bow rail' });
  expect(await panelsOf('bow-rail')).toEqual(expect.arrayContaining(['T3S', 'T3P']));
  expect(await panelsOf('topsides')).not.toContain('T3S');
  const { plan } = (await currentPlan('P-015'))!;
  expect(plan.steps.some((step) => step.key.startsWith('bow-rail/'))).toBe(true);
  expect((await undo()).status).toBe('saved');
  expect(await job()).toEqual(before);
});

test('a second section of one name gets a key of its own; a rename keeps the key', async () => {
  await add('Bow rail', ['T3S']);
  await add('Bow rail', ['T3P']);
  expect((await job()).sections.slice(-2).map((one) => one.key)).toEqual(['bow-rail', 'bow-rail-2']);
  const edit = {
    kind: 'section',
    job: 'P-015',
    section: 'bow-rail-2',
    seen: await seenOf('bow-rail-2'),
    set: { name: 'Stern rail', group: 'bow-rail-2', loose: true },
  } as const;
  expect((await save(edit)).status).toBe('saved');
  expect((await job()).sections.at(-1)).toMatchObject({ key: 'bow-rail-2', name: 'Stern rail', loose: true });
  for (let i = 0; i < 3; i += 1) await undo();
});

test('two sections are joined: panels, gates and all go along, and undo parts them again', async () => {
  await add('Bow rail', ['T3S', 'T3P']);
  const gate = {
    section: 'bow-rail',
    kind: 'welded',
    what: 'rail straight',
    gapMm: null,
    flushMm: null,
    attempts: 0,
    done: false,
    doneOn: null,
  } as const;
  expect((await save({ kind: 'add-item', job: 'P-015', list: 'gates', item: gate })).status).toBe('saved');
  const before = await job();
  expect((await join('bow-rail', 'bottom')).status).toBe('saved');
  const after = await job();
  expect(after.sections.map((one) => one.key)).not.toContain('bow-rail');
  expect(await panelsOf('bottom')).toEqual(expect.arrayContaining(['T3S', 'T3P']));
  expect(after.gates.at(-1)!.section).toBe('bottom');
  await undo();
  expect(await job()).toEqual(before);
  for (let i = 0; i < 2; i += 1) await undo();
});

test('what is not there, and what has work logged on it, is refused by its place', async () => {
  expect(await add('x', ['ZZ9'])).toMatchObject({ status: 'faulty', faults: [{ place: 'parts[0].part' }] });
  expect(await add('x', ['T3S'], 'keel')).toMatchObject({ status: 'faulty', faults: [{ place: 'like' }] });
  expect(await join('topsides', 'keel')).toMatchObject({ status: 'faulty', faults: [{ place: 'into' }] });
  const moved: Edit = {
    kind: 'survey',
    job: 'P-015',
    parts: [{ part: 'T3S', seen: null }],
    set: { section: 'keel' },
  };
  expect(await save(moved)).toMatchObject({ status: 'faulty', faults: [{ place: 'set.section' }] });
  const seen = (await loadJob(database(), 'P-014'))!.versions['P-014/roof']!;
  expect(
    await save({ kind: 'remove-section', job: 'P-014', section: 'roof', seen, into: 'sides' }),
  ).toMatchObject({
    status: 'faulty',
    faults: [{ place: 'section', reason: expect.stringMatching(/logged/) }],
  });
});
