import ICAL from 'ical.js';
import { NextRequest } from 'next/server';
import { loadDemo } from '@/demo/load-demo';
import type { Remedies } from '@/features/warnings/remedies';
import { closeAll, demoClock, emptyDatabase } from '@/server/database/fresh-demo.fixture';
import { currentPlan } from '@/server/services/plans';
import { GET as calendar } from './calendars/[kind]/[id]/route';
import { POST as changes } from './jobs/[job]/changes/route';
import { GET as giveUp } from './jobs/[job]/give-up/route';
import { GET as maskMap } from './jobs/[job]/mask-map/route';
import { GET as remedies } from './jobs/[job]/remedies/route';
import { GET as orders } from './jobs/[job]/orders/route';
import { told } from './told';
import { GET as stations } from './jobs/[job]/stations/route';

interface Faults {
  faults: { place: string; reason: string }[];
}

beforeAll(async () => {
  await emptyDatabase();
  await loadDemo(Date.parse(demoClock) / 60000);
}, 120_000);
afterAll(closeAll);

const compare = async (job: string, body: unknown) => {
  const request = new NextRequest('http://127.0.0.1/api', { method: 'POST', body: JSON.stringify(body) });
  const answer = await changes(request, { params: Promise.resolve({ job }) });
  return { status: answer.status, body: await answer.json() };
};

describe('what if', () => {
  test('each change is a whole plan beside the plan as it stands; nothing is stored', async () => {
    const before = JSON.stringify((await currentPlan('P-015'))!.plan.budgets);
    const { status, body } = await compare('P-015', {
      changes: [
        { kind: 'level', section: 'topsides', level: 'Work' },
        { kind: 'away', person: 'nobody', from: '2027-01-04', to: '2027-01-05' },
      ],
    });
    expect(status).toBe(200);
    expect(body.changed[0].labourMin).toBeLessThan(body.base.labourMin);
    expect(body.changed[1]).toBeNull();
    expect(JSON.stringify((await currentPlan('P-015'))!.plan.budgets)).toBe(before);
  });

  test.each([
    [{}, 'changes'],
    [{ changes: [] }, 'changes'],
    [{ changes: Array.from({ length: 5 }, () => ({ kind: 'saturdays' })) }, 'changes'],
    [{ changes: [{ kind: 'magic' }] }, 'changes[0].kind'],
    [{ changes: [{ kind: 'overtime' }] }, 'changes[0].minutes'],
    [{ changes: [{ kind: 'overtime', minutes: 900 }] }, 'changes[0].minutes'],
    [{ changes: [{ kind: 'away', person: 'x', from: '2027-02-30', to: '2027-03-01' }] }, 'changes[0].from'],
    [{ changes: [{ kind: 'saturdays', minutes: 3 }] }, 'changes[0].minutes'],
  ])('%j is refused, the place named', async (body, place) => {
    const answer = await compare('P-015', body);
    expect(answer.status).toBe(422);
    expect(answer.body.faults.map((one: { place: string }) => one.place)).toContain(place);
  });

  test('a job that is none is 404', async () => {
    expect((await compare('P-999', { changes: [{ kind: 'saturdays' }] })).status).toBe(404);
  });
});

describe('what to give up', () => {
  const ask = async (job: string) => {
    const answer = await giveUp(new NextRequest('http://127.0.0.1/'), { params: Promise.resolve({ job }) });
    return { status: answer.status, body: await answer.json() };
  };

  test('a job that keeps date and caps gives nothing up; a job that is none is 404', async () => {
    const { status, body } = await ask('P-014');
    expect(status).toBe(200);
    const { plan } = (await currentPlan('P-014'))!;
    const isOver = plan.lateDays > 0 || plan.warnings.some((one) => one.code === 'over-cap');
    expect(body.status).toBe(isOver ? 'over' : 'kept');
    expect((await ask('P-999')).status).toBe(404);
  });
});

describe('remedies of a warning', () => {
  const ask = async (job: string, query: Record<string, string>) => {
    const request = new NextRequest(`http://127.0.0.1/api?${new URLSearchParams(query)}`);
    const answer = await remedies(request, { params: Promise.resolve({ job }) });
    return { status: answer.status, body: (await answer.json()) as Remedies & Faults };
  };

  test('each is planned through beside the job as it stands, its warnings in words; nothing is stored', async () => {
    const before = JSON.stringify((await currentPlan('P-015'))!.plan.budgets);
    const { status, body } = await ask('P-015', { warning: 'over-cap labour' });
    expect(status).toBe(200);
    if (body.status !== 'tried') throw new Error(body.status);
    expect(body.tried[0]).toMatchObject({
      change: { kind: 'cap', budget: 'labour' },
      settles: true,
      brings: [],
    });
    const lower = body.tried.find((one) => one.change.kind === 'level')!;
    expect(lower.figures.labourMin).toBeLessThan(body.base.labourMin);
    for (const { text } of body.tried.flatMap((one) => [...one.brings, ...one.alsoSettles]))
      expect(text).toMatch(/ .*\.$/);
    expect(JSON.stringify((await currentPlan('P-015'))!.plan.budgets)).toBe(before);
  });

  test('a warning that is not there is gone; without one it is refused, a job that is none is 404', async () => {
    expect((await ask('P-015', { warning: 'thin-clear nowhere' })).body.status).toBe('gone');
    const { status, body } = await ask('P-015', {});
    expect(status).toBe(422);
    expect(body.faults[0]!.place).toBe('warning');
    expect((await ask('P-999', { warning: 'late' })).status).toBe(404);
  });
});

describe('orders of the colours', () => {
  const ask = async (job: string, query = '') => {
    const request = new NextRequest(`http://127.0.0.1/api?${query}`);
    const answer = await orders(request, { params: Promise.resolve({ job }) });
    return { status: answer.status, body: await answer.json() };
  };

  test('the coach’s are searched and planned; what is fixed first comes first', async () => {
    const { status, body } = await ask('P-014');
    expect(status).toBe(200);
    const [own] = body.bodies;
    expect([own.body, own.exact]).toEqual(['body', true]);
    const firsts = (orders: { order: string[] }[]) => new Set(orders.map((one) => one.order[0]));
    expect(own.orders).toHaveLength(3);
    // Band, fine lines and sides share a clear: the roof comes before or behind them, never between.
    const together = own.orders.filter((one: { clear: string }) => one.clear === 'all');
    const places = together.map((one: { order: string[] }) => one.order.indexOf('roof'));
    expect(places.length).toBeGreaterThan(0);
    for (const place of places) expect([0, 3]).toContain(place);
    // The cheapest plan comes first, and each colour by its own clear is held beside it.
    const costs = own.orders.map((one: { planMinor: number }) => one.planMinor);
    expect([...costs].sort((a: number, b: number) => a - b)).toEqual(costs);
    expect(new Set(own.orders.map((one: { clear: string }) => one.clear))).toEqual(new Set(['all', 'each']));
    expect(body.now.finishDate).toMatch(/^2027-01-/);
    const fixed = await ask('P-014', 'first=sides');
    expect(firsts(fixed.body.bodies[0].orders)).toEqual(new Set(['sides']));
    const pair = await ask('P-014', 'one=sides&other=roof');
    for (const { order } of pair.body.bodies[0].orders as { order: string[] }[])
      expect(Math.abs(order.indexOf('sides') - order.indexOf('roof'))).toBe(1);
  });

  test('who accepts lines is told how far it is, then the same answer; a refusal comes as a line too', async () => {
    const lines = async (query: string) => {
      const request = new NextRequest(`http://127.0.0.1/api?${query}`, {
        headers: { accept: 'application/x-ndjson' },
      });
      const answer = await orders(request, { params: Promise.resolve({ job: 'P-014' }) });
      return (await answer.text())
        .trimEnd()
        .split('\n')
        .map((line) => JSON.parse(line));
    };
    const told = await lines('first=sides');
    const { status, body } = told.pop();
    const shares: number[] = told.map((one) => one.share);
    expect(shares.length).toBeGreaterThan(3);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
    expect({ status, body }).toEqual(await ask('P-014', 'first=sides'));
    const [refused] = await lines('first=sides&last=sides');
    expect([refused.status, refused.body.faults[0].place]).toEqual([422, 'last']);
  });

  test('who goes while it is searched harms nobody: nothing is told to a stream that is closed', async () => {
    const request = new NextRequest('http://127.0.0.1/api', { headers: { accept: 'application/x-ndjson' } });
    const tells: ((share: number) => void)[] = [];
    let finish = () => {};
    const route = told<null>({ reads: 'plans' }, async (_request, _context, tell) => {
      tells.push(tell);
      tell(0.5);
      await new Promise<void>((done) => (finish = done));
      return Response.json({});
    });
    const answer = await route(request, null);
    const reader = answer.body!.getReader();
    expect(new TextDecoder().decode((await reader.read()).value)).toBe('{"share":0.5}\n');
    await reader.cancel();
    expect(() => tells[0]!(0.9)).not.toThrow();
    finish();
  });

  test('one colour cannot be first and last; a job that is none is 404', async () => {
    const both = await ask('P-014', 'first=sides&last=sides');
    expect([both.status, both.body.faults[0].place]).toEqual([422, 'last']);
    expect((await ask('P-999')).status).toBe(404);
  });
});

describe('files of the scheme', () => {
  const given = (job: string) => ({ params: Promise.resolve({ job }) });

  test('a mask map by its strip and the stations; a strip that is none is 404', async () => {
    const map = await maskMap(new NextRequest('http://127.0.0.1/api?strip=right'), given('P-014'));
    expect(map.headers.get('content-type')).toBe('image/svg+xml; charset=utf-8');
    expect(await map.text()).toContain('id="B4R"');
    const none = await maskMap(new NextRequest('http://127.0.0.1/api?strip=keel'), given('P-014'));
    expect(none.status).toBe(404);
    const table = await stations(new NextRequest('http://127.0.0.1/api'), given('P-014'));
    expect(await table.text()).toMatch(/^construction,lies_on,at_mm,/);
  });
});

describe('calendars out', () => {
  const ask = (kind: string, id: string) =>
    calendar(new NextRequest('http://127.0.0.1/'), { params: Promise.resolve({ kind, id }) });

  test('the booth’s bookings of all jobs, as a file another program reads', async () => {
    const answer = await ask('place', 'booth');
    expect(answer.status).toBe(200);
    expect(answer.headers.get('content-type')).toMatch(/^text\/calendar/);
    expect(answer.headers.get('content-disposition')).toBe('attachment; filename="booth.ics"');
    const read = new ICAL.Component(ICAL.parse(await answer.text()) as [string, unknown[], unknown[]]);
    const events = read.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(new Set(events.map((one) => one.summary.split(' ')[0])).size).toBeGreaterThan(1);
    expect(new Set(events.map((one) => one.uid)).size).toBe(events.length);
  });

  test('who is not there has none', async () => {
    expect((await ask('person', 'nobody')).status).toBe(404);
    expect((await ask('dog', 'ines')).status).toBe(404);
    expect((await ask('job', 'P-999')).status).toBe(404);
  });
});
