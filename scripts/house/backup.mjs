// Backups: one tar file with a list of everything in it and its SHA-256, the database as SQL, photos, keys.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  copyFileSync,
  createReadStream,
  createWriteStream,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  closeSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { backupsIn } from './backup-list.mjs';
import { keptOf } from './backup-rule.mjs';
import { findProgram, requireProgram } from './packages.mjs';
import { requireFreeSpace, root } from './place.mjs';
import { Stop } from './say.mjs';

/** SHA-256 of a file, read in pieces. */
export async function shaOf(path) {
  const hash = createHash('sha256');
  await pipeline(createReadStream(path), hash);
  return hash.digest('hex');
}

function readAccess(data) {
  try {
    return JSON.parse(readFileSync(join(data, 'access.json'), 'utf8'));
  } catch {
    throw new Stop(`there is no database in ${data}; start Coatrel once with: npm start`);
  }
}

/** One question to the database as the user that may read everything of ours. @returns lines of the answer */
export function ask({ socket, schema, migrate }, sql) {
  const run = spawnSync(
    requireProgram('mariadb', 'mariadb-client'),
    ['--no-defaults', `--socket=${socket}`, `-u${migrate.user}`, '-N', '-B', '-e', sql, schema],
    { encoding: 'utf8', env: { ...process.env, MYSQL_PWD: migrate.password } },
  );
  if (run.status !== 0) throw new Stop('the database does not answer; start Coatrel first with: npm start');
  return run.stdout.split('\n').filter(Boolean);
}

/** The whole database as of one moment, packed; writers go on meanwhile. */
async function dump({ socket, schema, migrate }, to) {
  const child = spawn(
    requireProgram('mariadb-dump', 'mariadb-client'),
    [
      ...['--no-defaults', `--socket=${socket}`, `-u${migrate.user}`, '--single-transaction', '--quick'],
      ...['--skip-lock-tables', '--hex-blob', '--no-tablespaces', schema],
    ],
    { stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, MYSQL_PWD: migrate.password } },
  );
  let said = '';
  child.stderr.on('data', (part) => (said += part));
  const ended = new Promise((done) => child.on('exit', done));
  await pipeline(child.stdout, createGzip({ level: 6 }), createWriteStream(to, { mode: 0o600 }));
  if ((await ended) !== 0)
    throw new Stop(`the database could not be read: ${said.trim().split('\n').at(-1)}`);
}

/** Runs a program to its end, its output into a file if one is named. */
async function run(program, words, out) {
  const child = spawn(program, words, { stdio: ['ignore', out ? 'pipe' : 'ignore', 'pipe'] });
  let said = '';
  child.stderr.on('data', (part) => (said += part));
  const ended = new Promise((done) => child.on('exit', done));
  if (out) await pipeline(child.stdout, createWriteStream(out, { mode: 0o600 }));
  if ((await ended) !== 0) throw new Stop(`${program} failed: ${said.trim().split('\n').at(-1)}`);
}

const flushed = (path) => {
  const file = openSync(path, 'r');
  fsyncSync(file);
  closeSync(file);
};

/**
 * Makes a backup: whole under its name or not there at all.
 * @param given `data` folder, `to` folder, `keys` file of public keys of age, if it is encrypted
 */
export async function makeBackup({ data, to, keys, now = new Date() }) {
  const access = readAccess(data);
  const photosFolder = join(data, 'photos');
  const photoBytes = existsSync(photosFolder)
    ? readdirSync(photosFolder).reduce((sum, name) => sum + statSync(join(photosFolder, name)).size, 0)
    : 0;
  requireFreeSpace(to, Math.ceil(photoBytes / 1048576) + 200);
  const stamp = `${now.toISOString().slice(0, 19).replaceAll(':', '')}Z`;
  const name = `coatrel-${stamp}.tar${keys ? '.age' : ''}`;
  const work = join(to, `.${name}.${process.pid}.part`);
  mkdirSync(work, { recursive: true, mode: 0o700 });
  try {
    await dump(access, join(work, 'database.sql.gz'));
    // Read after the dump: every photo that it names lies there by then.
    const photos = existsSync(photosFolder)
      ? readdirSync(photosFolder).filter((one) => /^[0-9a-f]{64}(\.thumb)?\.jpg$/.test(one))
      : [];
    if (existsSync(join(data, 'keys.json'))) copyFileSync(join(data, 'keys.json'), join(work, 'keys.json'));
    const own = readdirSync(work);
    const files = {};
    for (const one of own) files[one] = await shaOf(join(work, one));
    for (const one of photos) files[`photos/${one}`] = await shaOf(join(photosFolder, one));
    const [jobs] = ask(access, 'select count(*) from job');
    const form = ask(access, 'select distinct tag from schema_statement order by tag');
    const list = {
      format: 'coatrel-backup',
      version: 1,
      madeAt: now.toISOString(),
      form,
      jobs: Number(jobs),
      files,
    };
    writeFileSync(join(work, 'manifest.json'), `${JSON.stringify(list, null, 1)}\n`, { mode: 0o600 });
    writeFileSync(join(work, 'names'), photos.map((one) => `photos/${one}`).join('\n'));
    const tarFile = join(work, 'all.tar');
    await run(requireProgram('tar', 'tar'), [
      ...['--create', `--file=${tarFile}`, '--owner=0', '--group=0', '-C', work, 'manifest.json', ...own],
      ...(photos.length > 0 ? ['-C', data, `--files-from=${join(work, 'names')}`] : []),
    ]);
    let made = tarFile;
    if (keys) {
      made = join(work, 'all.tar.age');
      await run(requireProgram('age', 'age'), [
        '--encrypt',
        '--recipients-file',
        keys,
        '--output',
        made,
        tarFile,
      ]);
    }
    chmodSync(made, 0o600);
    flushed(made);
    const path = join(to, name);
    writeFileSync(`${path}.sha256`, `${await shaOf(made)}  ${name}\n`, { mode: 0o600 });
    renameSync(made, path);
    const bytes = statSync(path).size;
    return {
      file: path,
      bytes,
      jobs: Number(jobs),
      photos: photos.filter((one) => !one.includes('thumb')).length,
      dropped: dropOld(to),
    };
  } finally {
    rmSync(work, { recursive: true, force: true });
  }
}

/** Backups that the rule of keeping lets go. */
function dropOld(folder) {
  const kept = new Set(keptOf(backupsIn(folder)).map((one) => one.file));
  const old = backupsIn(folder).filter((one) => !kept.has(one.file));
  for (const { file } of old) {
    rmSync(join(folder, file), { force: true });
    rmSync(join(folder, `${file}.sha256`), { force: true });
  }
  return old.map((one) => one.file);
}

/** Forms of the database that this Coatrel knows. */
export const knownForms = () =>
  new Set(
    readdirSync(join(root, 'drizzle'))
      .filter((one) => one.endsWith('.sql'))
      .map((one) => one.slice(0, -4)),
  );

export const hasAge = () => findProgram('age') !== null;
