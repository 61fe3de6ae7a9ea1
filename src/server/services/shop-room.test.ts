import type { Edit } from '../../core/record';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { importClosures } from './closures';
import { saveEdit, undoLast } from './edits';
import { currentPlan, requireShop } from './plans';
import { acceptTogether, proposeTogether } from './together';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const undo = async (room: string, times = 1) => {
  for (let i = 0; i < times; i += 1) expect((await undoLast(room, writerNamed('ann'))).status).toBe('saved');
};
const plan = async (job = 'P-014') => (await currentPlan(job))!.plan;

describe('people and rooms', () => {
  test('a skill taken away changes who is planned, and comes back', async () => {
    const { versions } = await requireShop();
    const painted = async () =>
      new Set(
        (await plan()).steps
          .filter((step) => step.coat && step.state === 'planned')
          .flatMap((step) => step.uses),
      );
    expect((await painted()).has('marek')).toBe(true);
    const set = { skills: ['prep' as const] };
    expect(await save({ kind: 'person', person: 'marek', seen: versions.marek!, set })).toMatchObject({
      status: 'saved',
    });
    expect((await painted()).has('marek')).toBe(false);
    await undo('shop');
  });

  test('part-time hours, closings and rented places are kept, guarded and undone', async () => {
    const { shop, versions } = await requireShop();
    const hours = [{ weekday: 1, startMin: 450, endMin: 780 }];
    expect(await save({ kind: 'person', person: 'jun', seen: versions.jun!, set: { hours } })).toMatchObject({
      status: 'saved',
    });
    const closed = [{ from: '2027-01-05', fromMin: 450, to: '2027-01-05', toMin: 720, reason: 'filters' }];
    expect(
      await save({ kind: 'place', place: 'booth', seen: versions.booth!, set: { closed } }),
    ).toMatchObject({ status: 'saved' });
    const rented = { from: '2027-01-04', to: '2027-01-08' };
    const size = { lengthM: 8, widthM: 4, heightM: 3, airC: 21 };
    expect(
      await save({ kind: 'add-place', of: 'booth', name: 'Booth over the road', ...size, rented }),
    ).toMatchObject({ status: 'saved' });
    const after = await requireShop();
    expect(after.shop.people.find((one) => one.id === 'jun')!.hours).toEqual(hours);
    expect(after.shop.places.find((one) => one.id === 'booth')!.closed).toEqual(closed);
    // After the shop's own places, which are taken first.
    const last = after.shop.places.at(-1)!;
    expect(last).toMatchObject({ kind: 'booth', name: 'Booth over the road', ...size, rented });
    expect(await save({ kind: 'remove-place', place: 'booth', seen: versions.booth! + 1 })).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'place', reason: 'Booth is the shop’s own' }],
    });
    expect(
      await save({ kind: 'remove-place', place: last.id, seen: after.versions[last.id]! }),
    ).toMatchObject({ status: 'saved' });
    await undo('shop', 4);
    expect((await requireShop()).shop).toEqual(shop);
  });

  test('loud hours, the site and an outdoor place are kept, refused with their place when wrong, and undone', async () => {
    const before = await requireShop();
    const loudHours = { fromMin: 540, toMin: 1020, weekends: true };
    const site = { latitudeDeg: 60, longitudeDeg: 10 };
    const edit = (set: object, seen = before.versions.shop!) => ({ kind: 'shop', seen, set }) as Edit;
    expect(await save(edit({ loudHours, site }))).toMatchObject({ status: 'saved' });
    expect(
      await save({ kind: 'place', place: 'bay-2', seen: before.versions['bay-2']!, set: { outdoors: true } }),
    ).toMatchObject({ status: 'saved' });
    const { shop } = await requireShop();
    expect(shop).toMatchObject({ loudHours, site });
    expect(shop.places.find((place) => place.id === 'bay-2')!.outdoors).toBe(true);
    await undo('shop', 2);
    const after = await requireShop();
    expect(after.shop).toEqual(before.shop);
  });

  test('zone and shared air of a room are kept; an older view is told', async () => {
    const { versions } = await requireShop();
    const edit: Edit = {
      kind: 'place',
      place: 'booth',
      seen: versions.booth!,
      set: { zone: 'clean', airWith: ['bay-1'] },
    };
    expect(await save(edit)).toMatchObject({ status: 'saved' });
    const booth = (await requireShop()).shop.places.find((place) => place.id === 'booth')!;
    expect([booth.zone, booth.airWith]).toEqual(['clean', ['bay-1']]);
    expect(await save(edit)).toMatchObject({ status: 'conflict' });
    await undo('shop');
  });
});

describe('hours and closed days', () => {
  test('a Saturday is opened, lengthened and taken back', async () => {
    const shift = (endMin: number, seen: number | null): Edit => ({
      kind: 'shift',
      weekday: 6,
      startMin: 480,
      endMin,
      seen,
    });
    expect(await save(shift(720, null))).toMatchObject({ status: 'saved' });
    expect(await save(shift(780, 1))).toMatchObject({ status: 'saved' });
    expect((await requireShop()).shop.shifts).toContainEqual({ weekday: 6, startMin: 480, endMin: 780 });
    expect(await save({ kind: 'remove-shift', weekday: 6, startMin: 480, seen: 2 })).toMatchObject({
      status: 'saved',
    });
    expect((await requireShop()).shop.shifts.some((one) => one.weekday === 6)).toBe(false);
    await undo('shop', 3);
  });

  const day = (date: string, summary: string) =>
    `BEGIN:VEVENT\r\nUID:${date}\r\nDTSTART;VALUE=DATE:${date}\r\nSUMMARY:${summary}\r\nEND:VEVENT`;
  const calendar = (...events: string[]) =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//', ...events, 'END:VCALENDAR'].join('\r\n');

  test('closed days of a file are added but for those the shop has, and one undo takes them back', async () => {
    const before = (await requireShop()).shop.closures.length;
    const text = calendar(day('20261225', 'Christmas Day'), day('20261228', 'Bank holiday'));
    expect(await importClosures(text, writerNamed('ann'))).toMatchObject({ status: 'saved' });
    const { closures } = (await requireShop()).shop;
    expect(closures).toHaveLength(before + 1);
    expect(closures).toContainEqual({ date: '2026-12-28', reason: 'Bank holiday' });
    expect(await importClosures(text, writerNamed('ann'))).toMatchObject({ status: 'faulty' });
    await undo('shop');
    expect((await requireShop()).shop.closures).toHaveLength(before);
  });

  test('a day that is closed already is not closed twice', async () => {
    const closures = [{ date: '2026-12-25', reason: 'again' }];
    expect(await save({ kind: 'add-closures', closures })).toMatchObject({
      status: 'conflict',
      why: 'exists',
    });
  });
});

describe('lists of the job', () => {
  const job = async () => (await loadJob(database(), 'P-015'))!.job;
  const cover = { what: 'hatch cover', harm: 'overspray' as const, cover: 'film' };
  const lists: Extract<Edit, { kind: 'add-item' }>[] = [
    {
      kind: 'add-item',
      job: 'P-015',
      list: 'milestones',
      item: {
        trade: 'electrics',
        what: 'wiring',
        tie: 'before',
        phase: 'build',
        onDate: null,
        accessLost: '',
        done: false,
        toldDate: null,
      },
    },
    {
      kind: 'add-item',
      job: 'P-015',
      list: 'openings',
      item: { part: 'T1P', what: 'vent', lengthM: 1, method: 'foam', barrier: '', exit: '' },
    },
    { kind: 'add-item', job: 'P-015', list: 'covers', item: cover },
    {
      kind: 'add-item',
      job: 'P-015',
      list: 'blends',
      item: { part: 'T1P', line: 'strake', material: '', widthMm: 100, timing: 'clear' },
    },
    {
      kind: 'add-item',
      job: 'P-015',
      list: 'sendOuts',
      item: {
        what: 'keel band',
        part: 'T1P',
        vendor: 'blaster',
        leadDays: 5,
        leadIn: 'calendar',
        leaveAt: null,
        backAt: null,
        sentOn: null,
        dueOn: null,
        returnedOn: null,
        condition: '',
        phase: 'build',
      },
    },
  ];

  test.each(lists.map((edit) => [edit.list, edit] as const))(
    '%s: kept as typed, undone',
    async (list, edit) => {
      expect(await save(edit)).toMatchObject({ status: 'saved' });
      const [kept] = (await job())[list];
      expect(kept).toEqual({ id: kept!.id, ...edit.item });
      await undo('P-015');
      expect((await job())[list]).toEqual([]);
    },
  );

  test('an opening of a panel that is not there is named', async () => {
    const item = { part: 'ZZ', what: '', lengthM: 1, method: 'foam' as const, barrier: '', exit: '' };
    expect(await save({ kind: 'add-item', job: 'P-015', list: 'openings', item })).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'item.part' }],
    });
  });

  test('a cover is changed with its version', async () => {
    await save(lists[2]!);
    const { id } = (await job()).covers[0]!;
    const set: Edit = { kind: 'set-item', job: 'P-015', list: 'covers', id, seen: 1, set: { harm: 'dust' } };
    expect(await save(set)).toMatchObject({ status: 'saved' });
    expect((await job()).covers[0]).toEqual({ id, ...cover, harm: 'dust' });
    expect(await save(set)).toMatchObject({ status: 'conflict' });
  });
});

describe('all jobs together', () => {
  test('lies beside what is agreed, is accepted for all or none, and refused once something moved on', async () => {
    const proposal = (await proposeTogether())!;
    expect(proposal.rows.map((row) => row.job).sort()).toEqual(['P-014', 'P-015', 'P-016']);
    expect([...proposal.order].sort()).toEqual(['P-014', 'P-015', 'P-016']);
    const cutter = proposal.rows.find((row) => row.job === 'P-015')!;
    expect(cutter.agreed).toBeNull();
    await save({ kind: 'step', job: 'P-015', step: 'topsides/mask', seen: null, set: { note: 'x' } });
    expect(await acceptTogether(proposal.token, writerNamed('manager'))).toEqual({ status: 'conflict' });
    await undo('P-015');
    const again = (await proposeTogether())!;
    expect(await acceptTogether(proposal.token, writerNamed('manager'))).toEqual({ status: 'conflict' });
    expect(await acceptTogether(again.token, writerNamed('manager'))).toEqual({
      status: 'accepted',
      jobs: 3,
    });
    const agreed = (await currentPlan('P-015'))!.agreed!;
    expect(agreed.finishDate).toBe(again.rows.find((row) => row.job === 'P-015')!.together.finishDate);
    expect(await acceptTogether(again.token, writerNamed('manager'))).toEqual({ status: 'conflict' });
  });

  test('a pin of a step is kept with its minute and taken out again', async () => {
    const startAt = Date.parse('2027-02-01T09:00:00Z') / 60_000;
    const pin = (seen: number | null, at: number | null): Edit => ({
      kind: 'step',
      job: 'P-015',
      step: 'topsides/mask',
      seen,
      set: { startAt: at },
    });
    expect(await save(pin(null, startAt))).toMatchObject({ status: 'saved' });
    const pinned = (await plan('P-015')).steps.find((step) => step.key === 'topsides/mask')!;
    expect(pinned.pinnedAt).toBe(startAt);
    // Other jobs have their hours agreed: it begins then or as soon after as they leave it room.
    expect(pinned.start).toBeGreaterThanOrEqual(startAt);
    expect(await save(pin(1, null))).toMatchObject({ status: 'saved' });
    expect((await loadJob(database(), 'P-015'))!.job.stepEdits).toEqual([]);
  });
});
