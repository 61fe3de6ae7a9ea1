import type { Edit } from '../../core/record';
import { operationOf } from '../../core/steps';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { operationHistory } from './operations';
import { currentPlan, requireShop } from './plans';
import { compareSchool } from './what-if';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const job = 'P-015';
const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const undo = async (room: string, times = 1) => {
  for (let i = 0; i < times; i += 1) expect((await undoLast(room, writerNamed('ann'))).status).toBe('saved');
};
const plan = async () => (await currentPlan(job))!.plan;
const version = async (id: string) => (await loadJob(database(), job))!.versions[id]!;

describe('an order by hand', () => {
  const order = (step: string, after: string, override = false): Edit => ({
    kind: 'step',
    job,
    step,
    seen: null,
    set: { after, override },
  });

  test('that the work allows is kept: the bottom is sanded after the topsides', async () => {
    expect(await save(order('bottom/strip', 'topsides/strip'))).toMatchObject({ status: 'saved' });
    const { steps } = await plan();
    const of = (key: string) => steps.find((step) => step.key === key)!;
    expect(of('bottom/strip').start).toBeGreaterThanOrEqual(of('topsides/strip').end);
    await undo(job);
  });

  test('that goes round in a ring is refused with what stands between, and nothing changes', async () => {
    const before = await plan();
    const outcome = await save(order('hull/wash', 'topsides/mask'));
    expect(outcome).toMatchObject({ status: 'faulty', faults: [{ place: 'set.after' }] });
    if (outcome.status === 'faulty') expect(outcome.faults[0]!.reason).toContain('which waits for it');
    expect((await loadJob(database(), job))!.job.stepEdits).toEqual([]);
    expect((await plan()).steps).toEqual(before.steps);
  });

  test('against one step of order is taken when the manager insists, and stays visible', async () => {
    const before = await save(order('hull/wash', 'hull/strip-down'));
    expect(before).toMatchObject({ status: 'faulty' });
    if (before.status === 'faulty') expect(before.faults[0]!.reason).toContain('You may insist');
    expect(await save(order('hull/wash', 'hull/strip-down', true))).toMatchObject({ status: 'saved' });
    const made = await plan();
    expect(made.warnings).toContainEqual(
      expect.objectContaining({ code: 'order-overridden', step: 'hull/wash', after: 'hull/strip-down' }),
    );
    await undo(job);
  });
});

describe('who does it', () => {
  const by = (person: string): Edit => ({
    kind: 'step',
    job,
    step: 'topsides/topcoat-1',
    seen: null,
    set: { person },
  });

  test('somebody with the skill is planned, somebody without it is refused by name', async () => {
    const { shop } = await requireShop();
    const able = shop.people.filter((one) => one.skills.includes('paint'));
    const unable = shop.people.find((one) => !one.skills.includes('paint'))!;
    const wanted = able.at(-1)!;
    expect(await save(by(wanted.id))).toMatchObject({ status: 'saved' });
    const coat = (await plan()).steps.find((step) => step.key === 'topsides/topcoat-1')!;
    expect(coat.uses).toContain(wanted.id);
    await undo(job);
    expect(await save(by(unable.id))).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'set.person', reason: expect.stringContaining(unable.id) }],
    });
  });
});

describe('steps put in, rounds typed, releases', () => {
  test('an added step stands between its two, is drawn into the hours, and goes out again', async () => {
    const before = await plan();
    const step = {
      operation: 'turn-over',
      name: 'Turn the hull',
      section: 'bottom',
      personMinutes: 240,
      after: 'topsides/unmask',
      before: 'bottom/mask',
      note: '',
    };
    expect(await save({ kind: 'add-step', job, step })).toMatchObject({ status: 'saved' });
    const made = await plan();
    const added = made.steps.find((one) => one.key.startsWith('added/'))!;
    expect(added).toMatchObject({
      name: 'Turn the hull',
      personMinutes: 240,
      because: [{ code: 'by-hand' }],
    });
    const start = (key: string) => made.steps.find((one) => one.key === key)!.start;
    expect(start('bottom/mask')).toBeGreaterThanOrEqual(added.end);
    expect(made.budgets.labourMin.planned - before.budgets.labourMin.planned).toBe(240);
    const id = added.key.slice('added/'.length);
    const seen = await version(`${job}/${id}`);
    expect(await save({ kind: 'remove-added-step', job, id, seen: seen + 1 })).toMatchObject({
      status: 'conflict',
    });
    expect(await save({ kind: 'remove-added-step', job, id, seen })).toMatchObject({ status: 'saved' });
    expect((await plan()).steps.some((one) => one.key.startsWith('added/'))).toBe(false);
  });

  test('two more fairing rounds are two more steps each of filling and of blocking', async () => {
    const count = (made: Awaited<ReturnType<typeof plan>>) =>
      made.steps.filter((one) => /^topsides\/(fair-\d|block-fairing-\d-p80)$/.test(one.key)).length;
    expect(count(await plan())).toBe(2);
    const seen = await version(`${job}/topsides`);
    await save({ kind: 'section', job, section: 'topsides', seen, set: { rounds: { filler: 3 } } });
    expect(count(await plan())).toBe(6);
    await undo(job);
  });

  test('a hold is released by name, licence and day, once; taken back it is open again', async () => {
    const signOff = { step: 'hold/weight', name: 'A. Engineer', licence: 'L-1', date: '2026-12-23' };
    const open = async () =>
      (await currentPlan('P-016'))!.plan.warnings.some(
        (one) => one.code === 'unsigned-hold' && one.step === 'hold/weight',
      );
    expect(await open()).toBe(true);
    const refused = async (over: Partial<typeof signOff>) => {
      const outcome = await save({ kind: 'sign-off', job: 'P-016', signOff: { ...signOff, ...over } });
      return outcome.status === 'faulty' ? outcome.faults.map(({ place }) => place) : [outcome.status];
    };
    expect(await refused({ licence: '' })).toEqual(['signOff.licence']);
    expect(await refused({ date: '2099-01-01' })).toEqual(['signOff.date']);
    expect(await refused({ step: 'hold/none' })).toEqual(['signOff.step']);
    expect(await open()).toBe(true);
    expect(await save({ kind: 'sign-off', job: 'P-016', signOff })).toMatchObject({ status: 'saved' });
    expect(await open()).toBe(false);
    expect(await save({ kind: 'sign-off', job: 'P-016', signOff })).toMatchObject({
      status: 'conflict',
      why: 'exists',
    });
    const stored = (await loadJob(database(), 'P-016'))!;
    const seen = stored.versions['P-016/hold/weight']!;
    expect(await save({ kind: 'remove-sign-off', job: 'P-016', step: 'hold/weight', seen })).toMatchObject({
      status: 'saved',
    });
    expect(await open()).toBe(true);
  });
});

describe('schools', () => {
  test('each option is planned through to hours, booth and finish; an unknown section is nothing', async () => {
    const rows = (await compareSchool('P-014', 'sides', 'block-finish'))!;
    expect(rows.map((row) => row.option)).toEqual(['to-400', 'stop-220']);
    expect(rows[1]!.labourMin).toBeLessThan(rows[0]!.labourMin);
    expect(await compareSchool('P-014', 'keel', 'block-finish')).toBeNull();
    expect(await compareSchool('P-999', null, 'block-finish')).toBeNull();
  });

  test('of the job reaches every section that chose none of its own', async () => {
    const seen = await version(job);
    await save({ kind: 'job', job, seen, set: { schools: { application: 'brush' } } });
    const made = await plan();
    expect(made.steps.some((one) => one.operation === 'brush')).toBe(true);
    expect(made.steps.some((one) => one.operation === 'roll')).toBe(false);
    await undo(job);
  });
});

describe('operations of the shop', () => {
  const entryOf = (code: string) => {
    const { code: _code, ...entry } = operationOf(code);
    return entry;
  };

  test('a changed figure is in the next plan, has a history, and the catalogue’s entry comes back', async () => {
    const before = await plan();
    const entry = { ...entryOf('handover'), fixedMin: 180 };
    expect(await save({ kind: 'operation', code: 'handover', seen: null, entry })).toMatchObject({
      status: 'saved',
    });
    const changed = await plan();
    expect(changed.budgets.labourMin.planned - before.budgets.labourMin.planned).toBe(120);
    const { operationVersions } = await requireShop();
    const seen = operationVersions.handover!;
    await save({ kind: 'operation', code: 'handover', seen, entry: { ...entry, fixedMin: 240 } });
    expect((await operationHistory('handover'))[0]).toMatchObject({
      author: 'ann',
      before: { fixedMin: 180 },
    });
    await save({ kind: 'operation', code: 'handover', seen: seen + 1, entry: null });
    expect((await plan()).budgets.labourMin.planned).toBe(before.budgets.labourMin.planned);
  });

  test('an own one stands where it says, before the masking of every section', async () => {
    const entry = {
      ...entryOf('own-work'),
      name: 'Ionise',
      fixedMin: 25,
      before: ['masked' as const],
      when: { is: ['painted' as const] },
    };
    await save({ kind: 'operation', code: 'ionise', seen: null, entry });
    const { steps } = await plan();
    for (const section of ['topsides', 'boot-top', 'bottom']) {
      const own = steps.find((step) => step.key === `${section}/ionise`)!;
      expect(own.personMinutes).toBe(25);
      expect(steps.find((step) => step.key === `${section}/mask`)!.start).toBeGreaterThanOrEqual(own.end);
    }
    await undo('shop');
  });

  test('one that would send an aircraft’s work round in a ring is refused', async () => {
    const entry = { ...entryOf('own-work'), needs: ['sealed' as const], before: ['masked' as const] };
    const outcome = await save({ kind: 'operation', code: 'ring', seen: null, entry });
    expect(outcome).toMatchObject({ status: 'faulty', faults: [{ place: 'entry' }] });
    if (outcome.status === 'faulty') expect(outcome.faults[0]!.reason).toContain('aircraft');
    expect((await requireShop()).operations).toEqual([]);
  });
});
