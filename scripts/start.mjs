// npm start: from a bare Debian machine with Node.js to a running Coatrel. The order below is the whole story.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { parseArgs } from 'node:util';
import { requireFreePort, runCommand, startServer, stopServer } from './house/application.mjs';
import { requireBuild } from './house/build.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { requireNodePackages, requireProgram } from './house/packages.mjs';
import { dataFolder, requireFreeSpace } from './house/place.mjs';
import { Stop, runMain, say } from './house/say.mjs';

const usage = `npm start -- [--port N] [--host 127.0.0.1|localhost|::1] [--empty] [--fresh] [--yes]
  --empty   do not load the demo scenario into an empty database
  --fresh   delete this copy's data first (asks; --yes answers)
Environment: COATREL_DATA (data folder), COATREL_PORT, COATREL_NOW (a fixed clock, for demonstrations)`;

function readOptions() {
  let values;
  try {
    ({ values } = parseArgs({
      options: {
        port: { type: 'string', default: process.env.COATREL_PORT ?? '4380' },
        host: { type: 'string', default: '127.0.0.1' },
        empty: { type: 'boolean', default: false },
        fresh: { type: 'boolean', default: false },
        yes: { type: 'boolean', default: false },
        dev: { type: 'boolean', default: false },
        help: { type: 'boolean', default: false },
      },
    }));
  } catch (fault) {
    throw new Stop(`${fault.message.split('.')[0]}.\n${usage}`);
  }
  const port = Number(values.port);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`--port must be a whole number from 1 to 65535, not ${values.port}.`);
  if (!['127.0.0.1', 'localhost', '::1'].includes(values.host))
    throw new Stop(
      `--host ${values.host} is refused: until there is sign-in, Coatrel listens only on this machine (127.0.0.1).`,
    );
  if (process.env.COATREL_NOW && Number.isNaN(Date.parse(process.env.COATREL_NOW)))
    throw new Stop(`COATREL_NOW is not a date and time: ${process.env.COATREL_NOW}.`);
  return { ...values, port };
}

const isAlive = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

/** A run file cut short by a full disk or a crash says nothing. */
function readRunFile(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return {};
  }
}

function takeRunFile(data) {
  const file = join(data, 'run.json');
  if (existsSync(file)) {
    const { pid, address } = readRunFile(file);
    if (isAlive(pid))
      throw new Stop(`Coatrel already runs from this folder at ${address}; stop it first (process ${pid}).`);
  }
  return file;
}

async function confirmFresh(options, data) {
  if (!options.yes) {
    if (!process.stdin.isTTY)
      throw new Stop('--fresh deletes all jobs and records; say --yes as well when nobody can be asked.');
    const ask = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await ask.question(`Delete all jobs and records in ${data}? Type "delete" to go on: `);
    ask.close();
    if (answer.trim() !== 'delete') throw new Stop('nothing was deleted.');
  }
}

async function main() {
  const options = readOptions();
  if (options.help) return say(usage);
  requireNodePackages();
  requireProgram('mariadbd', 'mariadb-server');
  await requireFreePort(options.host, options.port);
  let data = dataFolder();
  const runFile = takeRunFile(data);
  if (options.fresh) {
    await confirmFresh(options, data);
    rmSync(data, { recursive: true, force: true });
    data = dataFolder();
  }
  requireFreeSpace(data, 150);
  const address = `http://${options.host === '::1' ? '[::1]' : options.host}:${options.port}`;
  writeFileSync(runFile, JSON.stringify({ pid: process.pid, address }), { mode: 0o600 });
  const database = new PrivateDatabase(data);
  let server = null;
  let stopping = false;
  const stop = async (code) => {
    if (stopping) return;
    stopping = true;
    await stopServer(server?.child);
    await database.stop();
    rmSync(runFile, { force: true });
    process.exit(code);
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
  const env = { COATREL_DATA: data };
  const serve = async () => {
    server = await startServer({
      host: options.host,
      port: options.port,
      folder: options.dev ? '.next-dev' : '.next',
      env,
      dev: options.dev,
    });
    server.child.on('exit', () => {
      if (stopping) return;
      say('The web server stopped by itself; starting it again.');
      setTimeout(() => serve().catch(fail), 1000);
    });
  };
  const fail = async (fault) => {
    process.stderr.write(
      `coatrel: ${fault instanceof Stop ? fault.message : `this is our own fault: ${fault.message}`}\n`,
    );
    await stop(1);
  };
  try {
    await database.start();
    say(runCommand(['prepare', ...(options.empty ? ['--empty'] : [])], env));
    if (!options.dev) requireBuild('.next');
    await serve();
    say(`Coatrel is ready at ${address}  (Ctrl-C stops it; data in ${data})`);
  } catch (fault) {
    await fail(fault);
  }
}

await runMain(main);
