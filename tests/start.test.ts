import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import patience from '../scripts/house/patience.json';

/** What `npm start` says with a data folder of its own; every case here ends before pages are served. */
function spawnStart(words: string[], data: string, env: Record<string, string> = {}) {
  const run = spawnSync(process.execPath, ['scripts/start.mjs', ...words], {
    encoding: 'utf8',
    timeout: patience.startMs,
    env: { ...process.env, COATREL_DATA: data, ...env },
  });
  return { status: run.status, said: run.stderr, out: run.stdout };
}
const start = (words: string[], env: Record<string, string> = {}) =>
  spawnStart(words, mkdtempSync(join(tmpdir(), 'coatrel-start-')), env);

test.each([
  ['a port that is no number', ['--port', 'abc'], '--port must be a whole number from 1 to 65535, not abc.'],
  [
    'a port beyond the last',
    ['--port', '70000'],
    '--port must be a whole number from 1 to 65535, not 70000.',
  ],
  [
    'a host that others could reach, without https',
    ['--host', '0.0.0.0'],
    '--host 0.0.0.0 opens Coatrel to the network, which needs https',
  ],
  ['a host by its name', ['--host', 'works.lan'], '--host must be an address of this machine'],
  ['a proxy that nobody calls', ['--proxy'], '--proxy needs --name'],
  ['two ways to https', ['--proxy', '--tls', '--name', 'works.lan'], 'two ways to https: say one'],
  ['a name that is none', ['--name', 'a b'], '--name a b is no host name.'],
  ['an option that is none', ['--prot', '1'], "Unknown option '--prot'"],
])('%s: one sentence and exit 1', (_name, words, sentence) => {
  const { status, said } = start(words);
  expect(status).toBe(1);
  expect(said).toContain(sentence);
  expect(said).not.toMatch(/\n\s+at /);
});

test('a clock that is none is refused', () => {
  expect(start([], { COATREL_NOW: 'tomorrow' }).said).toContain(
    'COATREL_NOW is not a date and time: tomorrow.',
  );
});

test('--fresh deletes nothing when nobody can be asked', () => {
  const { status, said } = start(['--fresh', '--port', '4399']);
  expect(status).toBe(1);
  expect(said).toContain('say --yes as well when nobody can be asked');
});

test('a folder that cannot be made is said', () => {
  const blocked = join(mkdtempSync(join(tmpdir(), 'coatrel-file-')), 'file');
  writeFileSync(blocked, '');
  expect(start(['--port', '4399'], { COATREL_DATA: join(blocked, 'data') }).said).toContain(
    'set COATREL_DATA to a folder that can be written',
  );
});

describe('while something listens on the port', () => {
  let server: Server;
  beforeAll(() => new Promise<void>((done) => (server = createServer().listen(0, '127.0.0.1', done))));
  afterAll(() => new Promise((done) => server.close(done)));

  test('it is said, with another port to try', () => {
    const { port } = server.address() as AddressInfo;
    const { status, said } = start(['--port', String(port)]);
    expect(status).toBe(1);
    expect(said).toBe(
      `coatrel: port ${port} is taken; choose another with: npm start -- --port ${port + 1}\n`,
    );
  });
});

test('the copy that runs already is named', () => {
  const data = mkdtempSync(join(tmpdir(), 'coatrel-runs-'));
  writeFileSync(join(data, 'run.json'), JSON.stringify({ pid: process.pid, address: 'http://127.0.0.1:1' }));
  expect(start(['--port', '4399'], { COATREL_DATA: data }).said).toContain(
    'Coatrel already runs from this folder at http://127.0.0.1:1',
  );
});

test('a run file cut short by a crash does not stop the start', () => {
  const data = mkdtempSync(join(tmpdir(), 'coatrel-cut-'));
  writeFileSync(join(data, 'run.json'), '{"pid": 12');
  const { said } = spawnStart(['--fresh', '--port', '4399'], data);
  // It goes on to the next question, which nobody can be asked here.
  expect(said).toContain('say --yes as well');
});

test('a data folder that no database can read is said with the place of its log', () => {
  const data = mkdtempSync(join(tmpdir(), 'coatrel-broken-'));
  chmodSync(data, 0o755);
  mkdirSync(join(data, 'mariadb'));
  writeFileSync(join(data, 'mariadb/ibdata1'), 'not a tablespace');
  const { status, said } = spawnStart(['--port', '4399'], data);
  expect(status).toBe(1);
  expect(said).toMatch(
    /^coatrel: the database in \S+ does not start; it may be broken, or made by a newer MariaDB\. Its own words are in \S+\.\n$/,
  );
  // What was there is left for somebody to look at.
  expect(readFileSync(join(data, 'mariadb/ibdata1'), 'utf8')).toBe('not a tablespace');
});

test('a disk without room is said in megabytes', async () => {
  const run = spawnSync(
    process.execPath,
    [
      '--input-type=module',
      '-e',
      `import { requireFreeSpace } from './scripts/house/place.mjs';
       import { runMain } from './scripts/house/say.mjs';
       await runMain(() => requireFreeSpace('/', 1e9));`,
    ],
    { encoding: 'utf8' },
  );
  expect(run.status).toBe(1);
  expect(run.stderr).toMatch(
    /^coatrel: the disk that holds \/ has \d+ MB free and 1000000000 MB are needed; make room and start again\.\n$/,
  );
});

test('--help tells the options and starts nothing', () => {
  const { status, out } = spawnStart(['--help'], mkdtempSync(join(tmpdir(), 'coatrel-help-')));
  expect(status).toBe(0);
  for (const word of ['--port', '--host', '--empty', '--fresh', '--yes', 'COATREL_DATA', 'COATREL_NOW'])
    expect(out).toContain(word);
});
