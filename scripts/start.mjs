// npm start: from a bare Debian machine with Node.js to a running Coatrel. The order below is the whole story.
import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { parseArgs } from 'node:util';
import { addressAt, requireFreePort, runCommand, startServer, stopServer } from './house/application.mjs';
import { requireBuild } from './house/build.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { requireNodePackages, requireProgram } from './house/packages.mjs';
import { dataFolder, requireFreeSpace } from './house/place.mjs';
import { readPort, requireCertificate, requireSafePlace } from './house/safe-place.mjs';
import { Stop, runMain, say } from './house/say.mjs';

const usage = `npm start -- [--port N] [--host H] [--name NAME …] [--tls | --proxy] [--empty] [--fresh] [--yes]
  --host    where it listens: 127.0.0.1 (default) for this machine alone, 0.0.0.0 for the shop's network, with --tls
  --name    a name by which browsers call it, such as works.shop.lan; may be said more than once
  --tls     by https, with the certificate that npm run certificate -- NAME made
  --proxy   a reverse proxy on this machine speaks https before it; it must say Host, X-Forwarded-For and -Proto
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
        name: { type: 'string', multiple: true, default: [] },
        tls: { type: 'boolean', default: false },
        proxy: { type: 'boolean', default: false },
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
  const port = readPort(values.port);
  requireSafePlace(values);
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

/** Claims the folder for this start: of two at once one makes the file. @throws Stop where another copy runs from here */
function takeRunFile(data, address) {
  const file = join(data, 'run.json');
  const own = JSON.stringify({ pid: process.pid, address });
  for (let tries = 0; ; tries += 1) {
    try {
      writeFileSync(file, own, { mode: 0o600, flag: 'wx' });
      return file;
    } catch (fault) {
      if (fault.code !== 'EEXIST' || tries > 3) throw fault;
    }
    const { pid, address: other } = readRunFile(file);
    if (isAlive(pid))
      throw new Stop(`Coatrel already runs from this folder at ${other}; stop it first (process ${pid}).`);
    // Left behind by a start that was killed; whoever renames it first may take its place.
    const stale = `${file}.${process.pid}.stale`;
    try {
      renameSync(file, stale);
      // Somebody took the place between the look and this: it is theirs.
      if (isAlive(readRunFile(stale).pid)) renameSync(stale, file);
      else rmSync(stale, { force: true });
    } catch {
      // somebody else was first
    }
  }
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

/** Who comes in: the demo by itself on this machine; else the first manager by a link, until there is a password. */
function sayDoor(options, env, address) {
  const isOpen = ['127.0.0.1', 'localhost', '::1'].includes(options.host) && !options.proxy;
  const told = runCommand(['account', 'first', ...(isOpen ? ['--demo-is-open'] : [])], env);
  if (told === 'demo')
    say('This is the demo: whoever sits at this machine is signed in by themselves. Nobody else reaches it.');
  else if (told !== '')
    say(`The first manager sets a password, once and within a day, at\n  ${address}${told}`);
}

/** A copy that serves goes on, even where nobody can be told how to come in: the command on the machine tells it again. */
function sayDoorOrNot(options, env, address) {
  try {
    sayDoor(options, env, address);
  } catch {
    say('Who comes in could not be read just now; ask again with: npm run --silent coatrel -- account first');
  }
}

async function main() {
  const options = readOptions();
  if (options.help) return say(usage);
  requireNodePackages();
  requireProgram('mariadbd', 'mariadb-server');
  await requireFreePort(options.host, options.port);
  let data = dataFolder();
  const [shown = options.host] = options.name;
  const address = options.proxy ? `https://${shown}` : addressAt(shown, options.port, options.tls);
  const tls = options.tls ? requireCertificate(data) : undefined;
  let runFile = takeRunFile(data, address);
  if (options.fresh) {
    await confirmFresh(options, data);
    rmSync(data, { recursive: true, force: true });
    data = dataFolder();
    runFile = takeRunFile(data, address);
  }
  requireFreeSpace(data, 150);
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
      names: options.name,
      tls,
      proxy: options.proxy,
      origin: address,
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
    sayDoorOrNot(options, env, address);
  } catch (fault) {
    await fail(fault);
  }
}

await runMain(main);
