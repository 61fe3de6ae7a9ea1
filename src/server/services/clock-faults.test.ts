import { sql } from 'drizzle-orm';
import { countFailure, shutFor } from '../access/attempts';
import { callerOf } from '../access/caller';
import { sessionCookie } from '../access/cookies';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { beat, doneAgo, endLease, loadInstances, takeLease } from '../repositories/lease-repository';
import { beginSession } from './sessions';

beforeAll(freshDemo);
afterAll(closeAll);

const hour = 3_600_000;
const start = Date.parse('2027-06-30T08:00:00Z');
let clock: jest.SpyInstance<number, []>;
const setClock = (ms: number) => clock.mockReturnValue(ms);
beforeEach(() => {
  clock = jest.spyOn(Date, 'now');
  setClock(start);
});
afterEach(() => clock.mockRestore());

const whoBy = async (seal: string) =>
  (await callerOf({ cookie: (name) => (name === sessionCookie() ? seal : undefined), header: () => 'x' }))
    ?.name;
const begin = () =>
  beginSession({ accountId: 'demo-crew', how: 'password', isHalf: false, tabletId: null, agent: 'a test' });

test('a session ends by the clock, and a clock that is put back neither ends nor lengthens it', async () => {
  const { seal } = await begin();
  expect(await whoBy(seal)).toBe('Jun');
  setClock(start - 24 * hour);
  expect(await whoBy(seal)).toBe('Jun');
  // Unused for four hours it ends, twelve hours after it began in any case.
  setClock(start + 4 * hour + 1000);
  expect(await whoBy(seal)).toBeUndefined();
});

test('a session that is used goes on to its twelfth hour and not beyond', async () => {
  const { seal } = await begin();
  for (let hours = 3; hours < 12; hours += 3) {
    setClock(start + hours * hour);
    expect([hours, await whoBy(seal)]).toEqual([hours, 'Jun']);
  }
  setClock(start + 12 * hour + 1000);
  expect(await whoBy(seal)).toBeUndefined();
});

test('wrong tries that were counted while the clock ran a year ahead shut nobody out once it is right', async () => {
  setClock(start + 365 * 24 * hour);
  for (let i = 0; i < 12; i += 1) await countFailure('name', 'ann here');
  expect(await shutFor('name', 'ann here')).toBe(15);
  setClock(start);
  expect(await shutFor('name', 'ann here')).toBeNull();
});

test('work that was taken or done while the database’s clock ran ahead is done again', async () => {
  await takeLease(database(), 'ahead', 'a', 60);
  await database().execute(sql`update lease set until_s = unix_timestamp() + 31536000 where name = 'ahead'`);
  expect(await takeLease(database(), 'ahead', 'b', 60)).toBe(true);
  await endLease(database(), 'ahead', 'b');
  expect(await doneAgo(database(), 'ahead')).toBeLessThan(60);
  await database().execute(sql`update lease set done_at = unix_timestamp() + 31536000 where name = 'ahead'`);
  expect(await doneAgo(database(), 'ahead')).toBe(Infinity);
});

test('a process that was last heard of in time to come, or long ago, is not there', async () => {
  await beat(database(), { id: 'a', bound: '127.0.0.1:1', pid: 1 }, 45);
  await beat(database(), { id: 'b', bound: '127.0.0.1:2', pid: 2 }, 45);
  await database().execute(sql`update instance set seen_at = unix_timestamp() + 3600 where id = 'a'`);
  await beat(database(), { id: 'c', bound: '127.0.0.1:3', pid: 3 }, 45);
  expect((await loadInstances(database())).map((one) => one.id).sort()).toEqual(['b', 'c']);
});
