import { NextRequest } from 'next/server';
import { databaseFault } from '@/server/database/fault';
import { log } from '@/server/log';
import { openTo } from './guarded';

const coded = (code: string) => Object.assign(new Error(code), { code });
const wrapped = (cause: unknown) => Object.assign(new Error('Failed query'), { cause });

test('a database that is away or full is told from a fault of ours, however deep it is wrapped', () => {
  expect(databaseFault(coded('ECONNREFUSED'))).toBe('away');
  expect(databaseFault(wrapped(wrapped(coded('ER_DISK_FULL'))))).toBe('full');
  expect(databaseFault(wrapped(coded('ER_PARSE_ERROR')))).toBeNull();
  expect(databaseFault(new TypeError('undefined is not a function'))).toBeNull();
  expect(databaseFault(undefined)).toBeNull();
});

describe('a guarded write', () => {
  const request = new NextRequest('http://127.0.0.1/api', { method: 'POST' });
  const failing = (error: unknown) => openTo(() => Promise.reject(error))(request, {});

  test.each([
    ['PROTOCOL_CONNECTION_LOST', 'the database does not answer; nothing was saved, try again in a moment'],
    ['ER_RECORD_FILE_FULL', 'the disk is full; nothing was saved, make room and try again'],
  ])('%s becomes 503 with its sentence', async (code, reason) => {
    const answer = await failing(wrapped(coded(code)));
    expect(answer.status).toBe(503);
    expect(await answer.json()).toEqual({ status: 'faulty', faults: [{ place: '', reason }] });
  });

  test('a fault of ours is written down and told without its insides', async () => {
    const written = jest.spyOn(log(), 'error').mockImplementation(() => undefined);
    const answer = await failing(new RangeError('ours'));
    expect(answer.status).toBe(500);
    expect(JSON.stringify(await answer.json())).not.toContain('ours"');
    expect(written.mock.calls[0]).toEqual([
      { id: null, err: new RangeError('ours') },
      'an answer failed by our own fault',
    ]);
    written.mockRestore();
  });

  test('an answer goes through untouched', async () => {
    const answer = Response.json({ status: 'saved' });
    expect(await openTo(() => Promise.resolve(answer))(request, {})).toBe(answer);
  });
});
