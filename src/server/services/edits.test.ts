import { blankStepEdit } from '../../core/record';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { readJobBundle } from '../../core/exchange';
import { acceptPlan } from './accept-plan';
import { saveEdit, undoLast } from './edits';
import { createJob, exportJob, importJob } from './jobs';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const stored = async (number: string) => (await loadJob(database(), number))!;
const versionOf = async (number: string, id: string) => (await stored(number)).versions[id]!;

describe('edits are guarded by what the writer saw', () => {
  test('a second editor who saw the older version is told, and the first one’s value stands', async () => {
    const seen = await versionOf('P-015', 'P-015');
    const first = await saveEdit(
      { kind: 'job', job: 'P-015', seen, set: { owner: 'First' } },
      writerNamed('ann'),
    );
    const second = await saveEdit(
      { kind: 'job', job: 'P-015', seen, set: { owner: 'Second' } },
      writerNamed('bob'),
    );
    expect(first.status).toBe('saved');
    expect(second).toMatchObject({ status: 'conflict', why: 'changed' });
    expect((await stored('P-015')).job.owner).toBe('First');
  });

  test('an edit that fails half way leaves nothing behind', async () => {
    const before = await stored('P-015');
    // Three wings would add a section to a hull's job; the dimension is refused before anything is written.
    const outcome = await saveEdit(
      { kind: 'job', job: 'P-015', seen: before.versions['P-015']!, set: { dimensions: { wings: 3 } } },
      writerNamed('ann'),
    );
    expect(outcome).toMatchObject({ status: 'faulty', faults: [{ place: 'dimensions.wings' }] });
    expect(await stored('P-015')).toEqual(before);
  });

  test('days off of somebody unknown are refused', async () => {
    const outcome = await saveEdit(
      { kind: 'add-day-off', person: 'nobody', from: '2027-01-04', to: '2027-01-05', reason: '' },
      writerNamed('ann'),
    );
    expect(outcome.status).toBe('faulty');
  });
});

describe('the order a search found', () => {
  const orderOf = async () => (await stored('P-016')).job.placingOrder;
  const planned = async () => (await currentPlan('P-016'))!.plan.steps;

  test('is kept with the job, travels in its bundle and is taken back by undo', async () => {
    const placingOrder = [...(await planned())].sort((a, b) => b.start - a.start).map((step) => step.key);
    const seen = await versionOf('P-016', 'P-016');
    expect(
      (await saveEdit({ kind: 'job', job: 'P-016', seen, set: { placingOrder } }, writerNamed('ord'))).status,
    ).toBe('saved');
    expect(await orderOf()).toEqual(placingOrder);
    expect(readJobBundle((await exportJob('P-016'))!)).toMatchObject({ value: { job: { placingOrder } } });
    expect((await undoLast('P-016', writerNamed('ord'))).status).toBe('saved');
    expect(await orderOf()).toEqual([]);
  });
});

describe('undo', () => {
  test('takes back edits one by one, last first, also twice on the same row', async () => {
    const id = 'P-015/topsides';
    const change = async (level: 'Show' | 'Work') =>
      saveEdit(
        {
          kind: 'section',
          job: 'P-015',
          section: 'topsides',
          seen: await versionOf('P-015', id),
          set: { level },
        },
        writerNamed('cid'),
      );
    const levelNow = async () =>
      (await stored('P-015')).job.sections.find((one) => one.key === 'topsides')!.level;
    const before = await levelNow();
    await change('Show');
    await change('Work');
    expect(await levelNow()).toBe('Work');
    expect((await undoLast('P-015', writerNamed('cid'))).status).toBe('saved');
    expect(await levelNow()).toBe('Show');
    expect((await undoLast('P-015', writerNamed('cid'))).status).toBe('saved');
    expect(await levelNow()).toBe(before);
    expect((await undoLast('P-015', writerNamed('cid'))).status).toBe('nothing');
  });

  test('is refused when somebody changed the row since', async () => {
    const id = 'P-015/bottom';
    const edit = async (author: string, name: string) =>
      saveEdit(
        {
          kind: 'section',
          job: 'P-015',
          section: 'bottom',
          seen: await versionOf('P-015', id),
          set: { name },
        },
        writerNamed(author),
      );
    await edit('dan', 'One');
    await edit('eve', 'Two');
    expect(await undoLast('P-015', writerNamed('dan'))).toMatchObject({ status: 'conflict', why: 'changed' });
    expect((await stored('P-015')).job.sections.find((one) => one.key === 'bottom')!.name).toBe('Two');
  });

  test('a measured area comes and goes with its undo', async () => {
    await saveEdit(
      { kind: 'measure', job: 'P-015', part: 'TR', seen: null, outsideM2: 1.75 },
      writerNamed('fay'),
    );
    expect((await stored('P-015')).job.measured).toContainEqual({ key: 'TR', outsideM2: 1.75 });
    await undoLast('P-015', writerNamed('fay'));
    expect((await stored('P-015')).job.measured).toEqual([]);
  });
});

describe('working and agreed plan', () => {
  test('the working plan follows an edit, the agreed one changes only when accepted', async () => {
    const before = (await currentPlan('P-014'))!;
    const seen = await versionOf('P-014', 'P-014/roof');
    await saveEdit(
      { kind: 'section', job: 'P-014', section: 'roof', seen, set: { level: 'Show' } },
      writerNamed('gil'),
    );
    const after = (await currentPlan('P-014'))!;
    expect(after.plan.budgets.labourMin.planned).toBeGreaterThan(before.plan.budgets.labourMin.planned);
    expect(after.agreed!).toEqual(before.agreed!);
    expect(await acceptPlan('P-014', before.inputHash, writerNamed('manager'))).toEqual({
      status: 'conflict',
      inputHash: after.inputHash,
    });
    expect(await acceptPlan('P-014', after.inputHash, writerNamed('manager'))).toEqual({
      status: 'accepted',
    });
    expect((await currentPlan('P-014'))!.agreed!.budgets).toEqual(after.plan.budgets);
    await undoLast('P-014', writerNamed('gil'));
  });

  test('what one job has agreed keeps its people and places from the others', async () => {
    const [coach, hull] = [(await currentPlan('P-014'))!, (await currentPlan('P-015'))!];
    const taken = coach.agreed!.stays.map((stay) => ({
      place: stay.place,
      from: stay.start,
      to: stay.end,
    }));
    for (const stay of hull.plan.stays)
      for (const other of taken)
        expect(stay.place === other.place && stay.start < other.to && other.from < stay.end).toBe(false);
  });

  test('a person’s leave moves the plans of open jobs', async () => {
    const before = (await currentPlan('P-014'))!;
    for (const person of ['ines', 'marek'])
      await saveEdit(
        { kind: 'add-day-off', person, from: '2026-12-24', to: '2027-02-28', reason: 'leave' },
        writerNamed('hal'),
      );
    const after = (await currentPlan('P-014'))!;
    expect(after.plan.finish!).toBeGreaterThan(before.plan.finish!);
    await undoLast('shop', writerNamed('hal'));
    await undoLast('shop', writerNamed('hal'));
    expect((await currentPlan('P-014'))!.plan.finish).toBe(before.plan.finish);
  });
});

describe('jobs come and go as bundles', () => {
  test('export, change the number, import: the same job under a new number', async () => {
    const text = (await exportJob('P-014'))!;
    const read = readJobBundle(text);
    if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
    const copy = { ...read.value, job: { ...read.value.job, number: 'P-900' } };
    expect((await importJob(copy, writerNamed('ivy'))).status).toBe('saved');
    expect((await stored('P-900')).job).toEqual({ ...(await stored('P-014')).job, number: 'P-900' });
    expect(await importJob(copy, writerNamed('ivy'))).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'number' }],
    });
  });

  test('a new job after the pattern of another has its scheme; another body, or a number that is none, is refused', async () => {
    const pattern = (await stored('P-015')).job;
    const { bodyKind, dimensions, level } = pattern;
    const asked = {
      number: 'P-903',
      like: 'P-015',
      name: 'Sister',
      owner: '',
      bodyKind,
      dimensions,
      level,
      arrival: '2027-01-04',
      promised: '2027-04-26',
      capLabourHours: 0,
      capMaterialsMinor: 0,
      capBoothHours: 0,
    };
    expect((await createJob(asked, writerNamed('ivy'))).status).toBe('saved');
    const { job } = await stored('P-903');
    expect(job).toMatchObject({ likeJob: 'P-015', colours: pattern.colours, readings: [] });
    const other = { ...asked, number: 'P-904' };
    for (const like of ['P-014', 'P-777'])
      expect(await createJob({ ...other, like }, writerNamed('ivy'))).toMatchObject({
        status: 'faulty',
        faults: [{ place: 'like' }],
      });
  });

  test('a new job has its sections and a plan at once', async () => {
    const outcome = await createJob(
      {
        number: 'P-901',
        like: '',
        name: 'Dinghy',
        owner: '',
        bodyKind: 'open-hull',
        dimensions: { length: 4, beam: 1.6, depth: 0.7 },
        level: 'Work',
        arrival: '2027-01-04',
        promised: '2027-02-26',
        capLabourHours: 0,
        capMaterialsMinor: 0,
        capBoothHours: 0,
      },
      writerNamed('jon'),
    );
    expect(outcome.status).toBe('saved');
    const planned = (await currentPlan('P-901'))!;
    expect(planned.plan.sections.map((one) => one.section)).toEqual(['topsides', 'boot-top', 'bottom']);
    expect(planned.plan.finish).not.toBeNull();
    expect(await currentPlan('P-999')).toBeNull();
  });
});

describe('steps by hand and the scope', () => {
  const load = async () => (await loadJob(database(), 'P-014'))!;
  const step = 'sides/mask';
  const edit = (seen: number | null, set: object) =>
    saveEdit({ kind: 'step', job: 'P-014', step, seen, set }, writerNamed('hand'));

  test('an edit is kept under the step’s key, guarded by its version, and cleared when nothing of it is left', async () => {
    expect(await edit(null, { personMinutes: 300 })).toMatchObject({ status: 'saved' });
    const { job, versions } = await load();
    expect(job.stepEdits).toContainEqual({ ...blankStepEdit(step), personMinutes: 300 });
    const seen = versions[`P-014/edit/${step}`]!;
    expect(await edit(null, { note: 'late' })).toMatchObject({ status: 'conflict', why: 'exists' });
    expect(await edit(seen, { note: 'foam' })).toMatchObject({ status: 'saved' });
    expect(await edit(seen + 1, { note: '', personMinutes: null })).toMatchObject({ status: 'saved' });
    expect((await load()).job.stepEdits.some((one) => one.step === step)).toBe(false);
    for (let i = 0; i < 3; i += 1)
      expect((await undoLast('P-014', writerNamed('hand'))).status).toBe('saved');
    expect((await load()).job.stepEdits.some((one) => one.step === step)).toBe(false);
  });

  test('a change of scope is dated by the shop’s day; undo takes it away', async () => {
    const change = { what: 'rack', hours: 2, moneyMinor: 100, days: 0, agreedBy: 'owner' };
    expect(await saveEdit({ kind: 'add-scope', job: 'P-014', change }, writerNamed('hand'))).toMatchObject({
      status: 'saved',
    });
    expect((await load()).job.scope.at(-1)).toMatchObject({ ...change, onDate: '2026-12-24' });
    await undoLast('P-014', writerNamed('hand'));
    expect((await load()).job.scope.some((one) => one.what === 'rack')).toBe(false);
  });
});
