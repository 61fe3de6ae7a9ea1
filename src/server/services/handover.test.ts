import { surfaceRevisions, workedSince } from '../../core/handover';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { removeSignature, signaturesOf, signHandover } from './handover';
import { workNotes } from './notes';
import { makeOwnerLink, ownerPageOf, ownerPhotoOf } from './owner-page';
import { takeOwnerWord } from './owner-words';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const writer = writerNamed('ann');
const jobOf = async (number: string) => (await loadJob(database(), number))!;
const ask = (over: object = {}, job = 'P-014') =>
  saveEdit(
    {
      kind: 'ask-owner',
      job,
      ask: {
        what: 'rot under the rail',
        part: 'B4L',
        find: '',
        ways: [
          { name: 'weld it in', hours: 6, moneyMinor: 45_000, days: 2 },
          { name: 'fill it', hours: 2, moneyMinor: 12_000, days: 0 },
        ],
        ...over,
      },
      holds: { section: 'roof', stage: 'colour' },
    },
    writer,
  );

describe('what the owner decides', () => {
  test('is asked with its ways; the stretch of work that waits is held by a gate', async () => {
    expect(await ask()).toMatchObject({ status: 'saved' });
    const { job } = await jobOf('P-014');
    const decision = job.decisions.find((one) => one.what === 'rot under the rail');
    expect(decision).toMatchObject({ answer: 'open', askedOn: '2026-12-24', chosen: null });
    expect(job.gates.find((one) => one.id === decision!.gate)).toMatchObject({
      done: false,
      holds: 'colour',
    });
  });

  test('is chosen on the page: scope, caps and day follow as agreed, and the gate opens', async () => {
    const before = (await jobOf('P-014')).job;
    const { token } = await makeOwnerLink('P-014', { forWhom: 'owner', days: 5 }, writer);
    const rot = async () =>
      (await ownerPageOf(token))!.view.waits.flatMap((one) =>
        one.code === 'decision' && one.what === 'rot under the rail' ? [one] : [],
      );
    const [wait] = await rot();
    const says = { kind: 'decide' as const, decision: wait!.id, way: 0, said: 'please', by: 'M. Harrow' };
    expect(await takeOwnerWord(token, { ...says, way: 3 })).toMatchObject({ status: 'faulty' });
    expect(await takeOwnerWord(token, says)).toMatchObject({ status: 'saved' });
    const after = (await jobOf('P-014')).job;
    const answered = after.decisions.find((one) => one.id === wait!.id)!;
    expect(answered).toMatchObject({
      answer: 'chosen',
      chosen: 0,
      answeredBy: 'M. Harrow',
      said: 'please',
    });
    expect(after.gates.find((one) => one.id === answered.gate)).toMatchObject({ done: true });
    expect(after.scope.at(-1)).toMatchObject({
      what: 'rot under the rail: weld it in',
      hours: 6,
      moneyMinor: 45_000,
      days: 2,
      agreedBy: 'M. Harrow',
    });
    // 450.00 less 6 h at 48.00 are 162.00 of materials; the day moves from the 22nd to the 24th.
    expect(after.caps.labourHours).toBe(before.caps.labourHours + 6);
    expect(after.caps.materialsMinor).toBe(before.caps.materialsMinor + 16_200);
    expect([before.promised, after.promised]).toEqual(['2027-01-22', '2027-01-24']);
    // Once answered, it is answered.
    expect(await takeOwnerWord(token, says)).toMatchObject({ status: 'faulty' });
    expect(await rot()).toEqual([]);
  });

  test('refused damage is not mended: its hours leave the allowance, nothing comes to the scope', async () => {
    const find = { part: 'B6R', hours: 4, what: 'old lead', onDate: '2026-12-24' };
    await saveEdit({ kind: 'add-item', job: 'P-014', list: 'finds', item: find }, writer);
    const { id } = (await jobOf('P-014')).job.finds.find((one) => one.what === 'old lead')!;
    const found = async () => (await currentPlan('P-014'))!.plan.allowance?.foundMin ?? 0;
    const [withIt, scope] = [await found(), (await jobOf('P-014')).job.scope.length];
    await ask({ what: 'old lead', part: 'B6R', find: id });
    const { job, versions } = await jobOf('P-014');
    const asked = job.decisions.find((one) => one.find === id)!;
    const said = { kind: 'answer-decision', job: 'P-014', id: asked.id, by: 'M.', said: '' } as const;
    const seen = versions[`P-014/${asked.id}`]!;
    const answer = { ...said, seen, answer: 'refused', chosen: null } as const;
    expect(await saveEdit({ ...answer, on: '2026-12-25' }, writer)).toMatchObject({
      faults: [{ place: 'on' }],
    });
    expect(await saveEdit({ ...answer, on: '2026-12-23' }, writer)).toMatchObject({
      faults: [{ place: 'on' }],
    });
    expect((await saveEdit({ ...answer, on: '2026-12-24' }, writer)).status).toBe('saved');
    expect(await found()).toBe(withIt - 240);
    expect((await jobOf('P-014')).job.scope).toHaveLength(scope);
  });

  test('is taken back with the gate that waited for it while it is open; an answer is not taken out', async () => {
    await ask({ what: 'a second thought' });
    const { job, versions } = await jobOf('P-014');
    const open = job.decisions.find((one) => one.what === 'a second thought')!;
    const edit = (id: string) =>
      saveEdit(
        { kind: 'remove-item', job: 'P-014', list: 'decisions', id, seen: versions[`P-014/${id}`]! },
        writer,
      );
    expect(await edit(open.id)).toMatchObject({ status: 'saved' });
    const after = (await jobOf('P-014')).job;
    expect(after.decisions.some((one) => one.id === open.id)).toBe(false);
    expect(after.gates.some((one) => one.id === open.gate)).toBe(false);
    const answered = job.decisions.find((one) => one.answer === 'chosen')!;
    expect(await edit(answered.id)).toMatchObject({ status: 'faulty', faults: [{ place: 'id' }] });
  });

  test('names what is there, and is answered by its own edit alone', async () => {
    expect(await ask({ part: 'ZZ' })).toMatchObject({ faults: [{ place: 'ask.part' }] });
    expect(await ask({ find: 'gone' })).toMatchObject({ faults: [{ place: 'ask.find' }] });
    await ask({ what: 'one more' });
    const { job, versions } = await jobOf('P-014');
    const open = job.decisions.find((one) => one.answer === 'open')!;
    const set = { answer: 'chosen' as const, chosen: 0 };
    expect(
      await saveEdit(
        {
          kind: 'set-item',
          job: 'P-014',
          list: 'decisions',
          id: open.id,
          seen: versions[`P-014/${open.id}`]!,
          set,
        },
        writer,
      ),
    ).toMatchObject({ status: 'faulty', faults: [{ place: 'list' }] });
    for (let i = 0; i < 11; i += 1) await ask({ what: `question ${i}` });
    expect(await ask({ what: 'too many' })).toMatchObject({ faults: [{ place: 'ask' }] });
  });
});

test('a photo that was not chosen, or of another job, is behind no link', async () => {
  const { token } = await makeOwnerLink('P-015', { forWhom: 'owner', days: 5 }, writer);
  expect(await ownerPhotoOf(token, 'a'.repeat(64), false)).toBeNull();
  expect(await ownerPhotoOf('x'.repeat(43), 'a'.repeat(64), false)).toBeNull();
});

/** Panels that were worked on since the first signature. */
const opened = async () => {
  const [signed] = await signaturesOf('P-015');
  return workedSince(signed!.bound, surfaceRevisions((await currentPlan('P-015'))!.plan));
};

describe('signatures under the handover', () => {
  const signs = async (over: object = {}) =>
    signHandover(
      'P-015',
      {
        side: 'owner',
        by: 'M. Cress',
        where: 'yard',
        on: '2026-12-24',
        seenHash: (await currentPlan('P-015'))!.inputHash,
        ...over,
      },
      writer,
    );

  test('bind the plan that was seen, on a day that has come', async () => {
    expect(await signs({ seenHash: 'b'.repeat(64) })).toMatchObject({ status: 'conflict' });
    expect(await signs({ on: '2026-12-25' })).toMatchObject({ faults: [{ place: 'on' }] });
    expect(await signs({ on: '2020-01-01' })).toMatchObject({ faults: [{ place: 'on' }] });
    expect((await signs()).status).toBe('saved');
    const [signed] = await signaturesOf('P-015');
    expect(signed).toMatchObject({ side: 'owner', by: 'M. Cress', where: 'yard', on: '2026-12-24' });
    expect(await opened()).toEqual([]);
  });

  test('work that is done afterwards opens the panels it is done on, and no others', async () => {
    const { plan } = (await currentPlan('P-015'))!;
    const next = plan.steps.find((one) => one.state === 'planned' && one.crew > 0 && one.kind !== 'passive')!;
    const entry = {
      step: next.key,
      at: null,
      people: [plan.steps.find((one) => one.uses.length > 0)!.uses[0]!],
      parts: [],
      remainingMin: null,
      redo: '',
      coat: null,
      note: 'seen to',
    };
    for (const kind of ['began', 'ended'] as const)
      expect(
        (await saveEdit({ kind: 'log', job: 'P-015', insist: true, entry: { ...entry, kind } }, writer))
          .status,
      ).toBe('saved');
    const parts = await opened();
    expect(parts.length).toBeGreaterThan(0);
    const touched = new Set(next.sections);
    const { plan: now } = (await currentPlan('P-015'))!;
    expect(
      now.parts.filter((part) => parts.includes(part.key)).every((part) => touched.has(part.section)),
    ).toBe(true);
  });

  test('can be taken back, and undo brings one back', async () => {
    const [signed] = await signaturesOf('P-015');
    expect((await removeSignature('P-015', signed!.id, signed!.seen + 9, writer)).status).toBe('conflict');
    expect((await removeSignature('P-015', signed!.id, signed!.seen, writer)).status).toBe('saved');
    expect(await signaturesOf('P-015')).toEqual([]);
    await undoLast('P-015', writer);
    expect(await signaturesOf('P-015')).toHaveLength(1);
  });
});

test('a note is written once and retired with a reason; it stays in the book', async () => {
  const note = {
    operation: 'handover',
    product: '',
    bodyKind: '',
    place: '',
    cause: 'keys forgotten',
    cure: 'hang them at the board',
    job: 'P-014',
    part: '',
    step: '',
    by: '',
  };
  expect((await saveEdit({ kind: 'add-note', note }, writer)).status).toBe('saved');
  const [kept] = await workNotes();
  expect(kept).toMatchObject({ ...note, onDate: '2026-12-24', retiredOn: null });
  await saveEdit({ kind: 'retire-note', id: kept!.id, seen: kept!.seen, why: 'the board is gone' }, writer);
  expect((await workNotes())[0]).toMatchObject({ retiredOn: '2026-12-24', retiredWhy: 'the board is gone' });
});
