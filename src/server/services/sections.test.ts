import { sql } from 'drizzle-orm';
import type { Edit } from '../../core/record';
import { netOfJob } from '../../core/survey';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { bringUpLog } from './bring-up-log';
import { saveEdit, undoLast } from './edits';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const stored = async () => (await loadJob(database(), 'P-015'))!;
const job = async () => (await stored()).job;
const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const undo = () => undoLast('P-015', writerNamed('ann'));
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
    holds: 'prime' as const,
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

test('coats on several sections are one edit: all of them or none, and undone as one', async () => {
  const before = await job();
  const [one, two] = before.sections.map((section) => section.key) as [string, string];
  const coatsOf = async () => (await job()).sections.slice(0, 2).map(({ coats }) => coats.topcoat);
  const typed = async (sections: { section: string; seen: number }[]) =>
    save({ kind: 'section-coats', job: 'P-015', sections, role: 'topcoat', coats: 4 });
  const seen = [
    { section: one, seen: await seenOf(one) },
    { section: two, seen: await seenOf(two) },
  ];
  expect(await typed([seen[0]!, { section: 'nowhere', seen: 1 }])).toMatchObject({
    status: 'faulty',
    faults: [{ place: 'sections[1].section' }],
  });
  expect((await typed([seen[0]!, { ...seen[1]!, seen: seen[1]!.seen + 1 }])).status).toBe('conflict');
  expect(await coatsOf()).toEqual(before.sections.slice(0, 2).map(({ coats }) => coats.topcoat));
  expect((await typed(seen)).status).toBe('saved');
  expect(await coatsOf()).toEqual([4, 4]);
  expect((await undo()).status).toBe('saved');
  expect(await job()).toEqual(before);
});

describe('work that was logged', () => {
  const now = Date.parse('2026-12-24T09:00:00Z') / 60000;
  const write = (kind: 'began' | 'ended', at: number): Edit => ({
    kind: 'log',
    job: 'P-015',
    insist: true,
    entry: {
      step: 'topsides/scuff',
      kind,
      at,
      people: ['dot'],
      parts: [],
      remainingMin: null,
      redo: '',
      coat: null,
      note: 'told for the test',
    },
  });
  const stateOf = async (key: string) =>
    (await currentPlan('P-015'))!.plan.steps.find((step) => step.key === key)?.state;

  test('goes along with panels that are put into a section of their own, and back', async () => {
    const { steps } = (await currentPlan('P-015'))!.plan;
    const step = steps.find((one) => one.sections.includes('topsides') && one.operation === 'scuff')!;
    for (const [kind, at] of [
      ['began', now - 120],
      ['ended', now - 60],
    ] as const) {
      const edit = write(kind, at);
      if (edit.kind === 'log') edit.entry.step = step.key;
      expect(await save(edit)).toMatchObject({ status: 'saved' });
    }
    const entry = (await job()).log.at(-1)!;
    expect(entry.work).toMatchObject({ operation: 'scuff', round: 0 });
    expect(entry.work!.surfaces).toEqual(expect.arrayContaining(['T3S.outside', 'T3P.outside']));
    expect((await add('Bow rail', ['T3S', 'T3P'])).status).toBe('saved');
    const own = (await currentPlan('P-015'))!.plan.steps.find(
      (one) => one.sections.includes('bow-rail') && one.operation === 'scuff',
    )!;
    expect([own.state, await stateOf(step.key)]).toEqual(['done', 'done']);
    // Readers of the log by step find it on the steps of today; the record itself stays as it was written.
    const { stored: shown } = (await currentPlan('P-015'))!;
    expect(shown.job.log.filter((one) => one.kind === 'ended').map((one) => one.step)).toContain(own.key);
    expect((await job()).log.at(-1)!.step).toBe(step.key);
    expect((await join('bow-rail', 'topsides')).status).toBe('saved');
    expect(await stateOf(step.key)).toBe('done');
  });

  test('of before entries remembered their surfaces is told once, before the server starts', async () => {
    await database().execute(sql`update log_entry set work = null where job_id = 'P-015'`);
    expect((await job()).log.every((one) => one.work === null)).toBe(true);
    expect(await bringUpLog()).toBe(2);
    expect((await job()).log.at(-1)!.work).toMatchObject({ operation: 'scuff' });
    expect(await bringUpLog()).toBe(0);
  });

  test('that runs on panels put into another section is ended on the step they have now', async () => {
    const open = (await currentPlan('P-015'))!.plan.steps.find(
      (one) => one.key.startsWith('topsides/') && one.state === 'planned' && one.crew > 0,
    )!;
    const entryOf = (step: string, kind: 'began' | 'ended', at: number): Edit => {
      const edit = write(kind, at);
      if (edit.kind === 'log') edit.entry.step = step;
      return edit;
    };
    expect(await save(entryOf(open.key, 'began', now - 30))).toMatchObject({ status: 'saved' });
    const surveyed = new Set((await job()).surveyed.map((one) => one.key));
    const own = (await panelsOf('topsides')).filter((key) => !surveyed.has(key));
    expect((await add('Rails', own.slice(0, 2))).status).toBe('saved');
    const moved = (await currentPlan('P-015'))!.plan.steps.find(
      (one) => one.key.startsWith('rails/') && one.operation === open.operation,
    )!;
    expect(moved.state).toBe('running');
    expect(await save(entryOf(moved.key, 'ended', now - 5))).toMatchObject({ status: 'saved' });
    expect(await stateOf(moved.key)).toBe('done');
  });
});
