import { spawn, spawnSync } from 'node:child_process';
import { get as getPlain } from 'node:http';
import { get as getTls } from 'node:https';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { requireWorker, sourceHash } from './build.mjs';
import { patience } from './patience.mjs';
import { root } from './place.mjs';
import { Stop } from './say.mjs';

/** @throws Stop if something listens on the port already */
export function requireFreePort(host, port) {
  return new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', (fault) =>
      fail(
        new Stop(
          fault.code === 'EADDRINUSE'
            ? `port ${port} is taken; choose another with: npm start -- --port ${port + 1}`
            : `cannot listen on ${host}:${port} (${fault.code}).`,
        ),
      ),
    );
    probe.listen(port, host, () => probe.close(() => done()));
  });
}

/** Runs one of our own TypeScript commands to its end; its last line is the message of a failure. */
export function runCommand(words, env = {}) {
  const run = spawnSync(
    process.execPath,
    [join(root, 'node_modules/tsx/dist/cli.mjs'), 'src/cli/coatrel.ts', ...words],
    {
      cwd: root,
      encoding: 'utf8',
      env: { ...process.env, ...env },
    },
  );
  if (run.status !== 0)
    throw new Stop(
      (run.stderr || run.stdout)
        .trim()
        .split('\n')
        .at(-1)
        .replace(/^coatrel: /, ''),
    );
  return run.stdout.trim();
}

/** Looks whether a server of ours answers, whatever its certificate says. */
function answers(address, headers) {
  const get = address.startsWith('https') ? getTls : getPlain;
  return new Promise((done) => {
    const asked = get(
      `${address}/api/health`,
      { rejectUnauthorized: false, timeout: 30_000, headers },
      (answer) => {
        answer.resume();
        done(answer.statusCode === 200);
      },
    );
    asked.on('timeout', () => asked.destroy());
    asked.on('error', () => done(false));
  });
}

/** The address of a server bound to a host and a port, as a browser writes it. */
export const addressAt = (host, port, tls = false) =>
  `${tls ? 'https' : 'http'}://${host.includes(':') ? `[${host}]` : host}:${port}`;

/**
 * Starts the web server and waits until it answers.
 * @param place `host` and `port` it is bound to, `names` it is called by besides, `tls` folder of its certificate, `proxy`
 *   that stands before it, `origin` that browsers see
 */
export async function startServer({
  host,
  port,
  names = [],
  tls,
  proxy = false,
  origin,
  folder,
  env,
  dev = false,
}) {
  const child = spawn(
    process.execPath,
    [...(dev ? [] : ['--max-old-space-size=224']), 'scripts/house/serve.mjs'],
    {
      cwd: root,
      detached: true,
      stdio: ['ignore', dev ? 'inherit' : 'ignore', 'inherit'],
      env: {
        ...process.env,
        ...env,
        NODE_ENV: dev ? 'development' : 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        COATREL_BUILD: folder,
        COATREL_SOURCES: dev ? 'development' : sourceHash(),
        COATREL_BOUND: `${host.includes(':') ? `[${host}]` : host}:${port}`,
        COATREL_NAMES: names.join(','),
        COATREL_TLS: tls ? '1' : '0',
        ...(tls ? { COATREL_TLS_FOLDER: tls } : {}),
        COATREL_PROXY: proxy ? '1' : '0',
        COATREL_ORIGIN: origin ?? addressAt(host, port, tls !== undefined),
        COATREL_WORKER: requireWorker(),
      },
    },
  );
  let ended = false;
  child.on('exit', () => {
    ended = true;
  });
  // Bound to every address, it is asked at this machine's own.
  const own = host === '0.0.0.0' ? '127.0.0.1' : host === '::' ? '::1' : host;
  const address = addressAt(own, port, tls !== undefined);
  const headers = proxy ? { 'x-forwarded-proto': 'https', 'x-forwarded-for': '127.0.0.1' } : {};
  for (const until = Date.now() + patience.startMs; Date.now() < until;) {
    if (ended) throw new Stop('the web server ended before it answered; its words stand above.');
    if (await answers(address, headers)) return { child, address };
    await wait(200);
  }
  child.kill('SIGTERM');
  throw new Stop('the web server did not answer in time.');
}

/** Ends a server that we started, and waits for its end. */
export async function stopServer(child) {
  if (!child || child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((done) => child.once('exit', done));
  try {
    process.kill(-child.pid, 'SIGTERM');
  } catch {
    child.kill('SIGTERM');
  }
  await Promise.race([gone, wait(5000).then(() => child.kill('SIGKILL'))]);
}
