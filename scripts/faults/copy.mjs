// A copy of its own to be treated badly: started as everybody starts it, on loopback, in a folder that goes afterwards.
import { spawn } from 'node:child_process';
import { closeSync, existsSync, openSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { root } from '../house/place.mjs';

export { wait };

/** Random figures that come again with the same seed. */
export function chance(seed) {
  let state = seed >>> 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 4294967296;
  };
}

/** Processes below one, the nearest first. */
export function childrenOf(pid) {
  return readdirSync('/proc').flatMap((name) => {
    if (!/^\d+$/.test(name)) return [];
    try {
      const stat = readFileSync(`/proc/${name}/stat`, 'utf8');
      const parent = Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
      return parent === pid
        ? [{ pid: Number(name), command: readFileSync(`/proc/${name}/cmdline`, 'utf8') }]
        : [];
    } catch {
      return [];
    }
  });
}

export class Copy {
  constructor(data, port) {
    this.data = data;
    this.port = port;
    this.address = `http://127.0.0.1:${port}`;
    this.child = null;
  }

  /** Starts it; resolves once it answers, or throws with its last words. */
  async start(words = []) {
    this.launch(words);
    for (let tries = 0; tries < 1200; tries += 1) {
      if (this.child.exitCode !== null) throw new Error(`the start ended: ${this.said()}`);
      if (await this.answers()) return this;
      await wait(100);
    }
    throw new Error(`it did not answer: ${this.said()}`);
  }

  launch(words = []) {
    this.logFile = `${this.data}.log`;
    const out = openSync(this.logFile, 'a', 0o600);
    this.child = spawn(process.execPath, ['scripts/start.mjs', '--port', String(this.port), ...words], {
      cwd: root,
      stdio: ['ignore', out, out],
      env: { ...process.env, COATREL_DATA: this.data },
    });
    closeSync(out);
    return this;
  }

  said() {
    return existsSync(this.logFile)
      ? readFileSync(this.logFile, 'utf8').trim().split('\n').slice(-3).join(' | ')
      : '';
  }

  answers() {
    return fetch(`${this.address}/api/health`, { signal: AbortSignal.timeout(5000) }).then(
      (answer) => answer.ok,
      () => false,
    );
  }

  /** Waits until it answers again. */
  async back(seconds = 120) {
    for (const until = Date.now() + seconds * 1000; Date.now() < until; await wait(100))
      if (await this.answers()) return;
    throw new Error(`it did not come back within ${seconds} s: ${this.said()}`);
  }

  find(word) {
    return childrenOf(this.child.pid).find((one) => one.command.includes(word))?.pid ?? null;
  }
  serverPid = () => this.find('serve.mjs');
  databasePid = () => this.find('mariadbd');

  async post(path, body, headers = {}) {
    const answer = await fetch(this.address + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: this.address, ...headers },
      body: typeof body === 'string' ? body : JSON.stringify(body),
      signal: AbortSignal.timeout(60_000),
    });
    return { status: answer.status, text: await answer.text() };
  }

  /** Ends it as Ctrl-C does. */
  async stop() {
    if (!this.child || this.child.exitCode !== null) return;
    const ended = new Promise((done) => this.child.once('exit', done));
    this.child.kill('SIGINT');
    await Promise.race([ended, wait(60_000)]);
  }

  /** Pulls the plug: everything at once. */
  async unplug() {
    const below = childrenOf(this.child.pid);
    const all = [
      this.child.pid,
      ...below.flatMap(({ pid }) => [pid, ...childrenOf(pid).map((one) => one.pid)]),
    ];
    for (const pid of all)
      try {
        process.kill(pid, 'SIGKILL');
      } catch {
        // gone already
      }
    await wait(300);
  }

  remove() {
    rmSync(this.data, { recursive: true, force: true });
    rmSync(`${this.data}.log`, { force: true });
  }
}

/** Asks the database of a copy. @returns lines of the answer */
export { ask } from '../house/backup.mjs';
export const accessOf = (copy) => JSON.parse(readFileSync(join(copy.data, 'access.json'), 'utf8'));

/** An edit that adds a note: each that is answered is there once, whatever happens meanwhile. */
export const noteEdit = (cause) => ({
  kind: 'add-note',
  note: {
    job: 'P-014',
    part: '',
    step: '',
    operation: 'wash',
    product: '',
    bodyKind: '',
    place: '',
    cause,
    cure: 'again',
    by: 'a test',
  },
});
