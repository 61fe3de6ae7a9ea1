import { NextRequest } from 'next/server';
import { loadDemo } from '@/demo/load-demo';
import { database } from '@/server/database/client';
import { closeAll, demoClock, emptyDatabase } from '@/server/database/fresh-demo.fixture';
import { loadJob } from '@/server/repositories/job-repository';
import { operationOf } from '@/core/steps';
import { headersOf } from '@/server/access/session.fixture';
import { currentPlan, requireShop } from '@/server/services/plans';
import { POST as accept } from './accept/route';
import { POST as edit } from './edit/route';
import { GET as health } from './health/route';
import { GET as options } from './jobs/[job]/options/route';
import { GET as readMap, POST as writeMap } from './jobs/[job]/panel-map/route';
import { POST as readings } from './jobs/[job]/readings/route';
import { GET as schools } from './jobs/[job]/schools/route';
import { GET as methods } from './jobs/[job]/strip-methods/route';
import { POST as newJob } from './jobs/route';
import { GET as operationHistory } from './operations/[code]/history/route';
import { POST as undo } from './undo/route';

beforeAll(emptyDatabase);
afterAll(closeAll);

type Route = (request: NextRequest, context: unknown) => Promise<Response>;
const ask = async (route: Route, body: unknown, author?: string) => {
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  const request = new NextRequest('http://127.0.0.1/api', {
    method: 'POST',
    body: text,
    headers: author === undefined ? {} : await headersOf(author),
  });
  const answer = await route(request, {});
  return { status: answer.status, body: await answer.json() };
};
const stored = async (number: string) => (await loadJob(database(), number))!;

test('health answers 503 while the database holds no shop, and 200 from then on', async () => {
  const empty = await health();
  expect([empty.status, await empty.json()]).toEqual([503, { status: 'empty' }]);
  await loadDemo(Date.parse(demoClock) / 60000);
  expect((await health()).status).toBe(200);
});

describe('bodies that are none', () => {
  const routes: [string, Route][] = [
    ['edit', edit],
    ['jobs', newJob],
    ['undo', undo],
    ['accept', accept],
  ];

  test.each(routes)('%s: no JSON is 400, with the reason', async (_name, route) => {
    const { status, body } = await ask(route, '{"kind": ');
    expect(status).toBe(400);
    expect(body.faults[0].reason).toMatch(/JSON/);
  });

  test.each(routes)('%s: 10 MB is refused with 413 before it is read through', async (_name, route) => {
    const { status, body } = await ask(route, `"${'x'.repeat(10 * 1024 * 1024)}"`);
    expect(status).toBe(413);
    expect(body.faults[0].reason).toContain('larger than 256 kB');
  });

  test.each(routes)(
    '%s: an array, a number and nothing are 422, not a fault of ours',
    async (_name, route) => {
      for (const value of [[], 7, null, {}]) expect((await ask(route, value)).status).toBe(422);
    },
  );
});

describe('edit', () => {
  const section = async (set: unknown, over = {}) => {
    const { versions } = await stored('P-014');
    return { kind: 'section', job: 'P-014', section: 'roof', seen: versions['P-014/roof'], set, ...over };
  };

  test('saves a section’s level, and undo brings the old one back', async () => {
    const level = async () => (await stored('P-014')).job.sections.find((one) => one.key === 'roof')!.level;
    const before = await level();
    expect((await ask(edit, await section({ level: 'Mirror' }))).body).toMatchObject({ status: 'saved' });
    expect(await level()).toBe('Mirror');
    expect((await ask(undo, { room: 'P-014' })).status).toBe(200);
    expect(await level()).toBe(before);
  });

  test('an older version is 409, and says that somebody changed it', async () => {
    const { status, body } = await ask(edit, await section({ level: 'Work' }, { seen: 9999 }));
    expect(status).toBe(409);
    expect(body).toMatchObject({ status: 'conflict', why: 'changed' });
  });

  test.each([
    ['an unknown level', { level: 'Shiny' }, 'set.level'],
    ['a colour that is none', { colour: 'blue' }, 'set.colour'],
    ['coats beyond reason', { coats: { clear: 5000 } }, 'set.coats.clear'],
    ['half a coat', { coats: { clear: 1.5 } }, 'set.coats.clear'],
    ['an over-long name', { name: 'x'.repeat(5000) }, 'set.name'],
    ['a field that is none', { sheen: 1 }, 'set.sheen'],
  ])('%s is named by its place', async (_name, set, place) => {
    const before = await stored('P-014');
    const { status, body } = await ask(edit, await section(set));
    expect(status).toBe(422);
    expect(body.faults.map((fault: { place: string }) => fault.place)).toContain(place);
    expect(await stored('P-014')).toEqual(before);
  });

  test('sections and jobs that are not there are named', async () => {
    const gone = await ask(edit, await section({ level: 'Work' }, { section: 'rudder' }));
    expect([gone.status, gone.body.faults[0].place]).toEqual([422, 'section']);
    const none = await ask(edit, await section({ level: 'Work' }, { job: 'P-999' }));
    expect([none.status, none.body.faults[0].place]).toEqual([422, 'job']);
  });

  describe('constructions of the scheme', () => {
    const line = { datum: 'base', panel: '', fairing: 'straight', stations: [{ atMm: 0, mm: 900 }] };
    const band = {
      kind: 'band',
      line,
      widths: [{ atMm: 0, mm: 120 }],
      lies: 'centred',
      fromMm: null,
      toMm: null,
      ends: 'square',
      outline: null,
    };
    const added = (item: object) => ({
      kind: 'add-item',
      job: 'P-014',
      list: 'constructions',
      item: { name: 'Band', colour: 'c.pale-barley', strip: 'both', place: 1, shape: band, ...item },
    });

    test.each<[string, object, string]>([
      ['a colour that is none', { colour: 'c.none' }, 'item.colour'],
      ['a side that the body does not have', { strip: 'keel' }, 'item.strip'],
      [
        'a band over the roof of the side',
        { shape: { ...band, line: { ...line, stations: [{ atMm: 0, mm: 9000 }] } } },
        'item.shape.line',
      ],
      ['no width', { shape: { ...band, widths: [{ atMm: 0, mm: 0 }] } }, 'item.shape.widths[0].mm'],
      [
        'a negative taper',
        {
          shape: {
            ...band,
            widths: [
              { atMm: 0, mm: 50 },
              { atMm: 900, mm: -5 },
            ],
          },
        },
        'item.shape.widths[1].mm',
      ],
      [
        'five hundred stripes',
        { shape: { kind: 'stripes', line, widthsMm: new Array(500).fill(4), gapsMm: [] } },
        'item.shape.widthsMm',
      ],
      [
        'an end that lies before its beginning',
        { shape: { ...band, fromMm: 900, toMm: 300 } },
        'item.shape.toMm',
      ],
      [
        'a panel that is on the other side',
        { shape: { ...band, line: { ...line, datum: 'panel-upper', panel: 'B1R' } } },
        'item.shape.line.panel',
      ],
      ['a kind that is none', { shape: { kind: 'scroll' } }, 'item.shape.kind'],
    ])('%s is named by its place', async (_name, item, place) => {
      const before = await stored('P-014');
      const { status, body } = await ask(edit, added(item));
      expect(status).toBe(422);
      expect(body.faults.map((fault: { place: string }) => fault.place)).toContain(place);
      expect(await stored('P-014')).toEqual(before);
    });

    test('a good one is kept, its colour cannot be removed, and undo takes it off again', async () => {
      expect((await ask(edit, added({ colour: 'c.pale-barley' }))).status).toBe(200);
      const { job, versions } = await stored('P-014');
      const names = job.constructions.map((one) => one.name);
      expect([...names].sort()).toEqual(['Band', 'Waist band']);
      expect(job.constructions.find((one) => one.name === 'Band')).toMatchObject({ shape: band });
      const remove = { kind: 'remove-item', job: 'P-014', list: 'colours', id: 'c.pale-barley' };
      const { status, body } = await ask(edit, { ...remove, seen: versions['P-014/c.pale-barley'] });
      expect([status, body.faults[0].place]).toEqual([422, 'id']);
      expect(body.faults[0].reason).toMatch(/Roof, .*Band/);
      expect((await ask(undo, { room: 'P-014' })).status).toBe(200);
      const left = (await stored('P-014')).job.constructions;
      expect(left.map((one) => one.name)).toEqual(['Waist band']);
    });
  });

  test('names of prototypes are ordinary text', async () => {
    for (const name of ['__proto__', 'constructor', 'toString']) {
      expect((await ask(edit, await section({ name }))).status).toBe(200);
      expect((await stored('P-014')).job.sections.find((one) => one.key === 'roof')!.name).toBe(name);
      await ask(undo, { room: 'P-014' });
    }
    expect((await ask(edit, await section({ level: 'Work' }, { section: '__proto__' }))).status).toBe(422);
  });

  test('a promise before the arrival is refused at its field', async () => {
    const { versions } = await stored('P-015');
    const given = { kind: 'job', job: 'P-015', seen: versions['P-015'], set: { promised: '2020-01-01' } };
    const { status, body } = await ask(edit, given);
    expect([status, body.faults[0].place]).toEqual([422, 'promised']);
  });
});

describe('undo', () => {
  test('with nothing to take back is 404 and nothing else', async () => {
    expect((await ask(undo, { room: 'P-016' }, 'nobody-yet')).status).toBe(404);
  });

  test('a room that is none is refused', async () => {
    expect((await ask(undo, { room: '../shop' })).status).toBe(422);
  });

  test('one author’s undo does not take back another’s edit', async () => {
    const { versions, job } = await stored('P-015');
    const owner = `${job.owner} & partner`;
    await ask(edit, { kind: 'job', job: 'P-015', seen: versions['P-015'], set: { owner } }, 'ann');
    expect((await ask(undo, { room: 'P-015' }, 'bob')).status).toBe(404);
    expect((await stored('P-015')).job.owner).toBe(owner);
    expect((await ask(undo, { room: 'P-015' }, 'ann')).status).toBe(200);
  });
});

describe('new jobs', () => {
  const given = {
    number: 'P-100',
    name: 'Little van',
    owner: 'A neighbour',
    bodyKind: 'box-body',
    dimensions: { length: 4.2, width: 1.7, height: 1.9 },
    level: 'Road',
    arrival: '2027-01-11',
    promised: '2027-03-26',
    capLabourHours: 300,
    capMaterialsMinor: 250000,
    capBoothHours: 60,
  };

  test('a new job is there with its sections, and can be undone while it stands as made', async () => {
    expect((await ask(newJob, given)).status).toBe(200);
    expect((await stored('P-100')).job.sections.map((one) => one.key)).toEqual(['sides', 'roof']);
    expect((await ask(undo, { room: 'shop' })).status).toBe(200);
    expect(await loadJob(database(), 'P-100')).toBeNull();
  });

  test.each([
    ['a taken number', { number: 'P-014' }, 'number'],
    ['a number with a slash', { number: 'P/1' }, 'number'],
    ['no name', { name: '' }, 'name'],
    ['an unknown body kind', { bodyKind: 'airship' }, 'bodyKind'],
    ['a length out of reason', { dimensions: { length: 500 } }, 'dimensions.length'],
    ['a negative cap', { capLabourHours: -1 }, 'capLabourHours'],
    ['a promise before the arrival', { promised: '2027-01-10' }, 'promised'],
    ['a day that is none', { arrival: '2027-02-30' }, 'arrival'],
  ])('%s is refused at its field and nothing is written', async (_name, over, place) => {
    const { status, body } = await ask(newJob, { ...given, ...over });
    expect(status).toBe(422);
    expect(body.faults.map((fault: { place: string }) => fault.place)).toContain(place);
    expect(await loadJob(database(), 'P-100')).toBeNull();
  });
});

describe('accept', () => {
  test('takes the plan that was seen, and refuses one that moved on with the fresh hash', async () => {
    const seen = (await currentPlan('P-015'))!;
    const { versions } = await stored('P-015');
    const set = { promised: '2027-12-31' };
    await ask(edit, { kind: 'job', job: 'P-015', seen: versions['P-015'], set });
    const late = await ask(accept, { job: 'P-015', inputHash: seen.inputHash });
    const fresh = (await currentPlan('P-015'))!;
    expect([late.status, late.body.inputHash]).toEqual([409, fresh.inputHash]);
    expect((await ask(accept, { job: 'P-015', inputHash: fresh.inputHash })).status).toBe(200);
    const after = (await currentPlan('P-015'))!;
    expect(after.agreed!.steps).toEqual(fresh.plan.steps);
    // Nothing has changed but the agreement: the proposal is what was agreed.
    expect(after.plan.steps.map((step) => step.start)).toEqual(fresh.plan.steps.map((step) => step.start));
  });

  test('a job that is not there is 404, a hash that is none 422', async () => {
    expect((await ask(accept, { job: 'P-999', inputHash: 'a'.repeat(64) })).status).toBe(404);
    expect((await ask(accept, { job: 'P-015', inputHash: 'zz' })).status).toBe(422);
  });
});

describe('files of the survey', () => {
  const given = (job: string) => ({ params: Promise.resolve({ job }) });
  const send = async (
    route: (request: NextRequest, given: never) => Promise<Response>,
    job: string,
    body: unknown,
  ) => {
    const request = new NextRequest(`http://127.0.0.1/api/jobs/${job}`, {
      method: 'POST',
      body: JSON.stringify(body),
    });
    const answer = await route(request, given(job) as never);
    return { status: answer.status, body: await answer.json() };
  };

  test('the panel map of a job is an SVG to keep, that no browser runs', async () => {
    const answer = await readMap(new NextRequest('http://127.0.0.1'), given('P-015'));
    expect(answer.headers.get('content-type')).toMatch(/^image\/svg\+xml/);
    expect(answer.headers.get('content-disposition')).toContain('attachment; filename="P-015-panels.svg"');
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
    expect(await answer.text()).toMatch(/^<svg .*width="\d+(\.\d)?mm"/);
    expect((await readMap(new NextRequest('http://127.0.0.1'), given('P-999'))).status).toBe(404);
  });

  test('a map with a script is refused by its line, nothing is stored', async () => {
    const before = await stored('P-015');
    const text = '<svg width="9mm" viewBox="0 0 9 9"><script>alert(1)</script></svg>';
    const { status, body } = await send(writeMap, 'P-015', { text, instead: true });
    expect([status, body.faults[0].place]).toEqual([422, 'line 1']);
    expect(await stored('P-015')).toEqual(before);
  });

  test('a map of 12 MB is refused before it is read through', async () => {
    const { status } = await send(writeMap, 'P-015', { text: 'x'.repeat(12 * 1024 * 1024), instead: false });
    expect(status).toBe(413);
  });

  test('readings of a file that names no column are refused; a job that is not there too', async () => {
    const bad = await send(readings, 'P-015', { text: 'a,b\n1,2\n' });
    expect([bad.status, bad.body.faults[0].place]).toEqual([422, 'line 1']);
    expect((await send(readings, 'P-999', { text: 'part,um\nT1P,1\n' })).status).toBe(422);
    expect((await send(readings, 'P-015', { file: 'x' })).status).toBe(422);
  });

  test('strip methods and options answer for what is there, 404 for what is not', async () => {
    const ask404 = async (answer: Promise<Response>) => (await answer).status;
    const at = (part: string) => new NextRequest(`http://127.0.0.1/?part=${part}`);
    expect(await ask404(methods(at('T1P'), given('P-015')))).toBe(200);
    expect(await ask404(methods(at('ZZ'), given('P-015')))).toBe(404);
    expect(await ask404(options(new NextRequest('http://127.0.0.1'), given('P-999')))).toBe(404);
    const answer = await options(new NextRequest('http://127.0.0.1'), given('P-015'));
    expect((await answer.json()).options).toHaveLength(3);
  });
});

describe('schools and operations', () => {
  const ask_ = async (query: string, job = 'P-015') => {
    const answer = await schools(new NextRequest(`http://127.0.0.1/api/jobs/${job}/schools?${query}`), {
      params: Promise.resolve({ job }),
    });
    return { status: answer.status, body: await answer.json() };
  };

  test('each option of a school is planned, on the job or on one section', async () => {
    const { status, body } = await ask_('school=application');
    expect(status).toBe(200);
    expect(body.options.map((one: { option: string }) => one.option)).toEqual(['roller', 'brush']);
    const one = await ask_('school=application&section=bottom');
    expect(one.body.options[1].labourMin).toBeLessThan(body.options[1].labourMin);
  });

  test('a school that is none is 400, a section or job that is none 404, each named', async () => {
    expect(await ask_('school=of-fish')).toMatchObject({
      status: 400,
      body: { faults: [{ place: 'school' }] },
    });
    expect(await ask_('')).toMatchObject({ status: 400 });
    expect(await ask_('school=tape&section=keel')).toMatchObject({
      status: 404,
      body: { faults: [{ place: 'section', reason: 'there is no section keel in P-015' }] },
    });
    expect(await ask_('school=tape', 'P-999')).toMatchObject({ status: 404 });
    expect(await ask_('school=__proto__')).toMatchObject({ status: 400 });
  });

  test('the history of an operation nobody touched is empty', async () => {
    const answer = await operationHistory(new NextRequest('http://127.0.0.1/api/operations/wash/history'), {
      params: Promise.resolve({ code: 'wash' }),
    });
    expect(await answer.json()).toEqual({ history: [] });
  });

  test('an operation with a tag that is none is 422 by its place, and nothing is written', async () => {
    const { code: _code, ...entry } = operationOf('wash');
    const sent = { kind: 'operation', code: 'wash', seen: null, entry: { ...entry, tags: ['noisy'] } };
    expect(await ask(edit, sent)).toMatchObject({
      status: 422,
      body: { faults: [{ place: 'entry.tags[0]' }] },
    });
    expect((await requireShop()).operations).toEqual([]);
  });

  test('an order that goes round in a ring is 422 at its field', async () => {
    const sent = { kind: 'step', job: 'P-015', step: 'hull/wash', seen: null, set: { after: 'bottom/mask' } };
    expect(await ask(edit, sent)).toMatchObject({ status: 422, body: { faults: [{ place: 'set.after' }] } });
  });
});
