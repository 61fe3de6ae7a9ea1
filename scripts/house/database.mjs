import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  lchownSync,
  existsSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { findProgram, requireProgram } from './packages.mjs';
import { patience } from './patience.mjs';
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

  #words;

  /** @param words further options of the server, for a node of a cluster */
  constructor(data, words = []) {
    this.data = data;
    this.#words = words;
    this.folder = join(data, 'mariadb');
    this.accessFile = join(data, 'access.json');
    this.log = join(data, 'mariadb.log');
    this.access = this.#readAccess();
    // A database that a killed start left behind still listens where it was told to.
    this.socket = this.access?.socket ?? null;
  }

  /** Null before the first start, and where the file was cut short. */
  #readAccess() {
    try {
      return JSON.parse(readFileSync(this.accessFile, 'utf8'));
    } catch {
      return null;
    }
  }

  /** Whole or not at all, and for our own eyes only. */
  #writeAccess(access) {
    const beside = `${this.accessFile}.${process.pid}.part`;
    writeFileSync(beside, JSON.stringify(access, null, 2), { mode: 0o600 });
    renameSync(beside, this.accessFile);
    this.access = access;
  }

  #ownedByServer(path) {
    if (!isRoot) return;
    const { uid, gid } = mysqlUser();
    lchownSync(path, uid, gid);
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

  /** One of MariaDB's own programs as administrator; the password goes by the environment, which others cannot read. */
  #asRoot(program, words) {
    const tool = requireProgram(program, 'mariadb-client');
    const run = (password) =>
      spawnSync(tool, ['--no-defaults', `--socket=${this.socket}`, '-uroot', ...words], {
        encoding: 'utf8',
        env: { ...process.env, MYSQL_PWD: password },
      });
    const first = run(this.access?.admin?.password ?? '');
    // Made by an earlier Coatrel, or cut off between writing the password down and setting it.
    return first.status === 0 || !this.access?.admin ? first : run('');
  }

  #admin(...words) {
    return this.#asRoot('mariadb-admin', words);
  }

  #answers() {
    return (
      this.socket !== null &&
      existsSync(this.socket) &&
      this.#admin('--connect-timeout=2', 'ping').status === 0
    );
  }

  /** Starts the server, or takes over one that a killed start left behind. */
  async start({ isCopy = false } = {}) {
    requireProgram('mariadbd', 'mariadb-server');
    // A copy was given the passwords of another node, and with them its socket.
    if (isCopy && !this.#process) this.socket = null;
    const fresh = !existsSync(this.folder);
    if (fresh) this.#initialise();
    if (!this.#answers()) {
      const folder = socketFolder(this.socket && dirname(this.socket));
      this.socket = join(folder, 'db.sock');
      this.#ownedByServer(folder);
      if (this.access) this.#writeAccess({ ...this.access, socket: this.socket });
      await this.#spawn();
    }
    if (!isCopy) this.#createUsers();
  }

  async #spawn() {
    requireFreeSpace(this.data, 150);
    if (!existsSync(dirname(this.socket))) {
      mkdirSync(dirname(this.socket), { mode: 0o700 });
      this.#ownedByServer(dirname(this.socket));
    }
    const out = openSync(this.log, 'w', 0o600);
    chmodSync(this.log, 0o600);
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
        ...this.#words,
      ],
      { detached: true, stdio: ['ignore', out, out] },
    );
    this.#process = child;
    let ended = false;
    child.on('exit', () => {
      ended = true;
    });
    for (const until = Date.now() + patience.startMs; Date.now() < until;) {
      if (ended)
        throw new Stop(
          `the database in ${this.folder} does not start; it may be broken, or made by a newer MariaDB. Its own words are in ${this.log}.`,
        );
      if (this.#answers()) break;
      await wait(100);
    }
    child.on('exit', () => this.#restart());
    child.unref();
    this.#watchSocket(child);
  }

  /** A tidy program may take the file of the socket away: nobody new reaches the server then, so it is started again. */
  #watchSocket(child) {
    const look = setInterval(() => {
      if (this.#stopping || child.exitCode !== null || child.signalCode !== null) return clearInterval(look);
      if (existsSync(this.socket)) return;
      clearInterval(look);
      say('The socket of the database is gone; starting the database again.');
      child.kill('SIGTERM');
    }, 3000);
    look.unref();
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

  /** One user that migrates, one with data rights only, and an administrator; random passwords only we can read. */
  #createUsers() {
    const { access } = this;
    if (access?.admin && access.migrate && access.data) return;
    const password = () => randomBytes(24).toString('base64url');
    const made = {
      socket: this.socket,
      schema,
      migrate: access?.migrate ?? { user: 'coatrel_migrate', password: password() },
      data: access?.data ?? { user: 'coatrel_data', password: password() },
      admin: { user: 'root', password: password() },
    };
    // Written down first: a password that nobody knows would lock everybody out.
    this.#writeAccess(made);
    const sql = [
      `CREATE DATABASE IF NOT EXISTS ${schema} CHARACTER SET utf8mb4 COLLATE utf8mb4_bin`,
      ...[made.migrate, made.data].map(
        ({ user, password: word }) => `CREATE OR REPLACE USER ${user}@localhost IDENTIFIED BY '${word}'`,
      ),
      `GRANT ALL ON ${schema}.* TO coatrel_migrate@localhost`,
      `GRANT SELECT, INSERT, UPDATE, DELETE ON ${schema}.* TO coatrel_data@localhost`,
      `DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost')`,
      'FLUSH PRIVILEGES',
      `ALTER USER root@localhost IDENTIFIED BY '${made.admin.password}'`,
    ].join(';');
    if (this.#asRoot('mariadb', ['-e', sql]).status !== 0)
      throw new Stop(
        `the database in ${this.folder} refuses its own administrator; it was not made by this program.`,
      );
  }

  /** A figure of the server's own status; empty where it does not answer. */
  status(name) {
    const run = this.#asRoot('mariadb', ['-N', '-B', '-e', `show status like '${name}'`]);
    return run.status === 0 ? (run.stdout.split('\t')[1]?.trim() ?? '') : '';
  }

  /** Ends the server as a power cut would. */
  kill() {
    this.#stopping = true;
    this.#process?.kill('SIGKILL');
  }

  isRunning() {
    return this.#process !== null && this.#process.exitCode === null && this.#process.signalCode === null;
  }

  async stop() {
    this.#stopping = true;
    if (this.#answers()) this.#admin('shutdown');
    for (let tries = 0; tries < 100 && this.socket && existsSync(this.socket); tries += 1) await wait(100);
    if (this.isRunning()) this.#process.kill('SIGTERM');
    for (let tries = 0; tries < 50 && this.isRunning(); tries += 1) await wait(100);
    // On a full disk it waits for room before it ends; what was acknowledged is safe in its log.
    if (this.isRunning()) this.#process.kill('SIGKILL');
    if (this.socket && !existsSync(this.socket))
      rmSync(dirname(this.socket), { recursive: true, force: true });
  }

  /** Deletes everything this copy keeps. */
  remove() {
    rmSync(this.data, { recursive: true, force: true });
    if (this.socket) rmSync(dirname(this.socket), { recursive: true, force: true });
  }
}
