import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  openSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { findProgram, requireProgram } from './packages.mjs';
import { isRoot, requireFreeSpace, socketFolder } from './place.mjs';
import { Stop, say } from './say.mjs';

const schema = 'coatrel';
/** Between tries to start a database that stopped, so that it runs again once its disk has room. */
const retryMs = 10_000;

function mysqlUser() {
  const line = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((entry) => entry.startsWith('mysql:'));
  if (!line)
    throw new Stop("the user 'mysql' that Debian's mariadb-server makes is missing; reinstall that package.");
  const [, , uid, gid] = line.split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

/** A private MariaDB server: own data folder, socket only, nothing shared with the system's service. */
export class PrivateDatabase {
  #process = null;
  #stopping = false;

  constructor(data) {
    this.data = data;
    this.folder = join(data, 'mariadb');
    this.socket = join(socketFolder(data), 'db.sock');
    this.accessFile = join(data, 'access.json');
    this.log = join(data, 'mariadb.log');
  }

  #ownedByServer(path) {
    if (!isRoot) return;
    const { uid, gid } = mysqlUser();
    chownSync(path, uid, gid);
  }

  #initialise() {
    requireFreeSpace(this.data, 400);
    const install = requireProgram('mariadb-install-db', 'mariadb-server');
    mkdirSync(this.folder, { mode: 0o700 });
    this.#ownedByServer(this.folder);
    const run = spawnSync(
      install,
      [
        '--no-defaults',
        `--datadir=${this.folder}`,
        '--auth-root-authentication-method=normal',
        '--skip-test-db',
        ...(isRoot ? ['--user=mysql'] : []),
      ],
      { encoding: 'utf8' },
    );
    if (run.status !== 0) {
      rmSync(this.folder, { recursive: true, force: true });
      throw new Stop(
        `the database could not be created in ${this.folder}; is the disk full or the folder write-protected?`,
      );
    }
  }

  #admin(...words) {
    const tool = requireProgram('mariadb-admin', 'mariadb-client');
    return spawnSync(tool, ['--no-defaults', `--socket=${this.socket}`, '-uroot', ...words], {
      encoding: 'utf8',
    });
  }

  #answers() {
    return existsSync(this.socket) && this.#admin('--connect-timeout=2', 'ping').status === 0;
  }

  /** Starts the server, or takes over one that a killed start left behind. */
  async start() {
    requireProgram('mariadbd', 'mariadb-server');
    const fresh = !existsSync(this.folder);
    if (fresh) this.#initialise();
    mkdirSync(socketFolder(this.data), { recursive: true });
    this.#ownedByServer(socketFolder(this.data));
    chmodSync(socketFolder(this.data), 0o700);
    if (!this.#answers()) await this.#spawn();
    this.#createUsers();
  }

  async #spawn() {
    requireFreeSpace(this.data, 150);
    const out = openSync(this.log, 'w');
    const child = spawn(
      findProgram('mariadbd'),
      [
        '--no-defaults',
        `--datadir=${this.folder}`,
        `--socket=${this.socket}`,
        `--pid-file=${this.folder}/server.pid`,
        '--skip-networking',
        '--skip-name-resolve',
        '--character-set-server=utf8mb4',
        '--default-time-zone=+00:00',
        '--innodb-flush-log-at-trx-commit=1',
        '--innodb-buffer-pool-size=64M',
        '--performance-schema=OFF',
        '--max-allowed-packet=64M',
        ...(isRoot ? ['--user=mysql'] : []),
      ],
      { detached: true, stdio: ['ignore', out, out] },
    );
    this.#process = child;
    let ended = false;
    child.on('exit', () => {
      ended = true;
    });
    for (let tries = 0; tries < 300; tries += 1) {
      if (ended)
        throw new Stop(
          `the database in ${this.folder} does not start; it may be broken, or made by a newer MariaDB. Its own words are in ${this.log}.`,
        );
      if (this.#answers()) break;
      await wait(100);
    }
    child.on('exit', () => this.#restart());
    child.unref();
  }

  async #restart() {
    if (this.#stopping) return;
    say('The database stopped by itself; starting it again.');
    for (let said = ''; !this.#stopping; await wait(retryMs)) {
      try {
        await this.#spawn();
        if (said) say('The database runs again.');
        return;
      } catch (fault) {
        if (fault.message !== said) process.stderr.write(`coatrel: ${fault.message}\n`);
        said = fault.message;
      }
    }
  }

  /** One user that migrates, one with data rights only; random passwords in a file only we can read. */
  #createUsers() {
    if (existsSync(this.accessFile)) return;
    const password = () => randomBytes(24).toString('base64url');
    const access = {
      socket: this.socket,
      schema,
      migrate: { user: 'coatrel_migrate', password: password() },
      data: { user: 'coatrel_data', password: password() },
    };
    const client = requireProgram('mariadb', 'mariadb-client');
    const sql = [
      `CREATE DATABASE IF NOT EXISTS ${schema} CHARACTER SET utf8mb4 COLLATE utf8mb4_bin`,
      ...[access.migrate, access.data].flatMap(({ user, password: word }) => [
        `CREATE OR REPLACE USER ${user}@localhost IDENTIFIED BY '${word}'`,
      ]),
      `GRANT ALL ON ${schema}.* TO coatrel_migrate@localhost`,
      `GRANT SELECT, INSERT, UPDATE, DELETE ON ${schema}.* TO coatrel_data@localhost`,
    ].join(';');
    const run = spawnSync(client, ['--no-defaults', `--socket=${this.socket}`, '-uroot', '-e', sql], {
      encoding: 'utf8',
    });
    if (run.status !== 0)
      throw new Stop(
        `the database in ${this.folder} refuses its own administrator; it was not made by this program.`,
      );
    writeFileSync(this.accessFile, JSON.stringify(access, null, 2), { mode: 0o600 });
  }

  #isRunning() {
    return this.#process !== null && this.#process.exitCode === null && this.#process.signalCode === null;
  }

  async stop() {
    this.#stopping = true;
    if (this.#answers()) this.#admin('shutdown');
    for (let tries = 0; tries < 100 && existsSync(this.socket); tries += 1) await wait(100);
    if (this.#isRunning()) this.#process.kill('SIGTERM');
    for (let tries = 0; tries < 50 && this.#isRunning(); tries += 1) await wait(100);
    // On a full disk it waits for room before it ends; what was acknowledged is safe in its log.
    if (this.#isRunning()) this.#process.kill('SIGKILL');
  }

  /** Deletes everything this copy keeps. */
  remove() {
    rmSync(this.data, { recursive: true, force: true });
    rmSync(socketFolder(this.data), { recursive: true, force: true });
  }
}
