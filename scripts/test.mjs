// npm test: everything that must hold, from a bare machine; closes with the sum over all runners.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { requireFreePort, runCommand, startServer, stopServer } from './house/application.mjs';
import { isBuilt, requireBuild, requireWorker } from './house/build.mjs';
import { demoClock } from './house/browser.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { requireNodePackages, requireProgram } from './house/packages.mjs';
import { dataFolder, root } from './house/place.mjs';
import { runMain, say } from './house/say.mjs';

const results = join(root, 'test-results');
const sum = { passed: 0, failed: 0 };
const add = (name, passed, failed) => {
  sum.passed += passed;
  sum.failed += failed;
  say(`${failed > 0 ? 'FAILED' : 'ok'}  ${name}: ${passed} passed, ${failed} failed`);
};

/** Runs a program of the project, its output shown; resolves to its exit code. */
function run(words, env = {}) {
  return new Promise((done) => {
    const child = spawn(join(root, 'node_modules/.bin', words[0]), words.slice(1), {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    });
    child.on('exit', (code) => done(code ?? 1));
    child.on('error', () => done(1));
  });
}

async function inRow(...works) {
  for (const work of works) await work();
}

/** A check that only passes or fails. */
async function check(name, words) {
  const code = await run(words);
  add(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

async function jest(name, words, env) {
  const file = join(results, `${name}.json`);
  const code = await run(['jest', ...words, '--json', `--outputFile=${file}`, '--silent'], env);
  if (!existsSync(file)) return add(name, 0, 1);
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(file, 'utf8'));
  // A suite that could not even be loaded has no failed tests of its own.
  add(name, numPassedTests, Math.max(numFailedTests, numFailedTestSuites, code === 0 ? 0 : 1));
}

async function withDatabase(work) {
  const data = dataFolder(`.data-test-${process.pid}`);
  const database = new PrivateDatabase(data);
  const env = { COATREL_DATA: data, COATREL_NOW: demoClock, COATREL_WORKER: requireWorker() };
  try {
    await database.start();
    await work(env);
  } finally {
    await database.stop();
    database.remove();
  }
}

/** The tables of a test database, made once before its suites: what fails here fails once, by its name. */
function isSetUp(env) {
  try {
    runCommand(['migrate'], env);
    add('database set-up', 1, 0);
    return true;
  } catch (fault) {
    say(`coatrel: ${fault.message}`);
    add('database set-up', 0, 1);
    return false;
  }
}

/** Journeys of a folder of tests, on the demo in a database of their own. */
async function journeys(env, folderOfTests = 'e2e') {
  const file = join(results, `${folderOfTests}.json`);
  const port = 4391;
  let server = null;
  try {
    runCommand(['prepare'], env);
    // The running application keeps `.next`; only a folder of its own is built anew beside it.
    const folder = isBuilt('.next') || !applicationRuns() ? '.next' : '.next-test';
    requireBuild(folder);
    await requireFreePort('127.0.0.1', port);
    server = await startServer({ host: '127.0.0.1', port, folder, env });
    await run(['playwright', 'test'], {
      ...env,
      COATREL_ADDRESS: server.address,
      COATREL_JOURNEYS: folderOfTests,
      COATREL_FIRST_LINK: folderOfTests === 'people' ? runCommand(['account', 'first'], env) : '',
    });
  } catch (fault) {
    say(`coatrel: ${fault.message}`);
  } finally {
    await stopServer(server?.child);
  }
  const name = folderOfTests === 'e2e' ? 'journeys' : `journeys of ${folderOfTests}`;
  if (!existsSync(file)) return add(name, 0, 1);
  const { stats, errors } = JSON.parse(readFileSync(file, 'utf8'));
  add(name, stats.expected + stats.flaky, stats.unexpected + errors.length);
}

/** The short part of the faults; a copy of its own is started for each. */
async function faults() {
  const child = spawn(process.execPath, ['scripts/faults.mjs', '--short'], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  child.stdout.on('data', (part) => {
    said += part;
    process.stdout.write(part);
  });
  await new Promise((done) => child.on('exit', done));
  const [, passed = '0', failed = '1'] = /(\d+) passed, (\d+) failed\s*$/.exec(said) ?? [];
  add('faults', Number(passed), Number(failed));
}

function applicationRuns() {
  try {
    process.kill(JSON.parse(readFileSync(join(dataFolder(), 'run.json'), 'utf8')).pid, 0);
    return true;
  } catch {
    return false;
  }
}

await runMain(async () => {
  const started = Date.now();
  requireNodePackages();
  requireProgram('mariadbd', 'mariadb-server');
  requireProgram('chromium', 'chromium');
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });
  try {
    // Each of these keeps one core busy; two rows of them keep two.
    await Promise.all([
      inRow(
        () => check('lint', ['eslint', '--max-warnings', '0', '.']),
        () => check('format', ['prettier', '--check', '--log-level', 'warn', '.']),
      ),
      inRow(
        () => check('types', ['tsc', '--noEmit']),
        () => check('boundaries', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']),
      ),
    ]);
    await jest('unit', ['--selectProjects', 'core', 'ui', '--maxWorkers', '100%']);
    await withDatabase((env) =>
      isSetUp(env) ? jest('database', ['--selectProjects', 'database', '--runInBand'], env) : undefined,
    );
    await withDatabase(journeys);
    await withDatabase((env) => journeys(env, 'people'));
    await faults();
  } catch (fault) {
    say(`coatrel: ${fault.message}`);
    sum.failed += 1;
  }
  if (sum.failed > 0) process.exitCode = 1;
  say(`took ${Math.round((Date.now() - started) / 1000)} s`);
  say(`${sum.passed} passed, ${sum.failed} failed`);
});
