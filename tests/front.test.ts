import { createServer, request, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { keptOf } from '../scripts/house/backup-rule.mjs';
import { placeOf, withFront, type ToldAnswer } from '../scripts/house/front.mjs';
import { hostNames } from '../scripts/house/host-names.mjs';
import { shapeOf } from '../scripts/house/shape.mjs';

test('a server answers to its own address and to the names it was given, with its port', () => {
  const names = hostNames('0.0.0.0:4380', ['works.lan']);
  for (const one of ['works.lan', 'works.lan:4380', 'localhost:4380', '127.0.0.1:4380'])
    expect(names.has(one)).toBe(true);
  for (const one of ['works.lan:80', 'evil.lan', '192.168.1.20:4380']) expect(names.has(one)).toBe(false);
  expect(hostNames('0.0.0.0:443', ['works.lan']).has('localhost')).toBe(true);
});

test.each([
  ['/', '/'],
  ['/jobs/P-014/bays?day=3', '/jobs/:/bays'],
  ['/jobs/new', '/jobs/new'],
  ['/owner/0aZ_secret-token', '/owner/:'],
  ['/set-password/abcdefghij', '/set-password/:'],
  ['/api/jobs/P-014/offers/3/answer', '/api/jobs/:/offers/:/answer'],
  ['/api/shelf/urethane-clear/history', '/api/shelf/:/history'],
  ['/_next/static/chunks/4f2.js', '/_next/:'],
  ['/some%20one@example.com', '/:'],
])('the log holds the shape of %s and nothing that was typed', (address, shape) => {
  expect(shapeOf(address)).toBe(shape);
});

describe('before the application', () => {
  let server: Server;
  let seen: IncomingMessage[] = [];
  let told: ToldAnswer[] = [];
  const open = (proxy: boolean) =>
    new Promise<number>((done) => {
      const handle = (asked: IncomingMessage, answer: { end(text: string): void }) => {
        seen.push(asked);
        answer.end('in');
      };
      // Its port is known once it listens; until then it has no name.
      const place = { ...placeOf({ bound: '127.0.0.1:0', proxy }), hosts: new Set(['works.example']) };
      server = createServer(withFront(handle, place, (one) => told.push(one)));
      server.listen(0, '127.0.0.1', () => done((server.address() as AddressInfo).port));
    });
  const ask = (port: number, headers: Record<string, string>) =>
    new Promise<{ status: number; headers: IncomingMessage['headers'] }>((done, failed) => {
      const asked = request(
        { host: '127.0.0.1', port, path: '/jobs/P-014', headers: { host: 'works.example', ...headers } },
        (answer) => {
          answer.resume();
          answer.on('end', () => done({ status: answer.statusCode!, headers: answer.headers }));
        },
      );
      asked.on('error', failed);
      asked.end();
    });
  beforeEach(() => {
    seen = [];
    told = [];
  });
  afterEach(() => new Promise((done) => server.close(done)));

  test('headers that only we write are dropped, and the address is that of the socket', async () => {
    const port = await open(false);
    const answer = await ask(port, {
      'x-coatrel-address': '10.0.0.1',
      'x-request-id': 'mine',
      'x-middleware-subrequest': 'middleware',
      'x-path': '/elsewhere',
    });
    expect(answer.status).toBe(200);
    const { headers } = seen[0]!;
    expect(headers['x-coatrel-address']).toBe('127.0.0.1');
    expect(headers['x-request-id']).toBe(answer.headers['x-request-id']);
    expect([headers['x-middleware-subrequest'], headers['x-path'], headers['x-coatrel-forwarded']]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    await new Promise((done) => setTimeout(done, 20));
    expect(told).toEqual([
      { id: headers['x-request-id'], method: 'GET', at: '/jobs/:', status: 200, ms: expect.any(Number) },
    ]);
  });

  test('who speaks for another is marked, so that the demo lets nobody in by it', async () => {
    const port = await open(false);
    await ask(port, { 'x-forwarded-for': '203.0.113.9' });
    expect(seen[0]!.headers['x-coatrel-forwarded']).toBe('1');
    expect(seen[0]!.headers['x-coatrel-address']).toBe('127.0.0.1');
  });

  test('a proxy says https and for whom; the last address counts, what the browser said before it does not', async () => {
    const port = await open(true);
    expect((await ask(port, {})).status).toBe(400);
    expect((await ask(port, { 'x-forwarded-proto': 'http', 'x-forwarded-for': '203.0.113.9' })).status).toBe(
      400,
    );
    const answer = await ask(port, {
      'x-forwarded-proto': 'https',
      'x-forwarded-for': '10.0.0.1, 203.0.113.9',
    });
    expect(answer.status).toBe(200);
    expect(seen[0]!.headers['x-coatrel-address']).toBe('203.0.113.9');
    expect(answer.headers['strict-transport-security']).toBe('max-age=31536000');
  });

  test('another host name is refused before anything is read', async () => {
    const port = await open(false);
    expect((await ask(port, { host: 'evil.example' })).status).toBe(421);
    expect(seen).toEqual([]);
  });
});

describe('which backups are kept', () => {
  const hour = 3_600_000;
  const at = (hoursAgo: number) => ({ atMs: Date.parse('2027-06-30T12:00:00Z') - hoursAgo * hour, hoursAgo });
  const kept = (hours: number[]) => keptOf(hours.map(at)).map((one) => one.hoursAgo);

  test('all of the last day', () => {
    expect(kept([0, 1, 2, 23, 24])).toEqual([0, 1, 2, 23, 24]);
  });

  test('then one a day for a week, one a week for five, one a month for six', () => {
    const daily = Array.from({ length: 200 }, (_, day) => day * 24);
    const days = kept(daily).map((hours) => hours / 24);
    expect(days.slice(0, 8)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    // Weeks begin 14, 21, 28 and 35 days before the newest, months 30, 60, … 180.
    expect(days.slice(8)).toEqual([14, 21, 28, 30, 35, 60, 90, 120, 150, 180]);
  });

  test('a clock that ran back drops none: what is newer than the clock is the newest', () => {
    expect(kept([-48, 0, 1])).toEqual([-48, 0]);
    expect(kept([])).toEqual([]);
  });
});
