// npm run restore -- FILE: a backup into an empty copy, or another one, whole or not at all.
import { spawn } from 'node:child_process';
import {
  createReadStream,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { basename, dirname, join, relative, resolve, sep } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { parseArgs } from 'node:util';
import { createGunzip } from 'node:zlib';
import { runCommand } from './house/application.mjs';
import { ask, knownForms, shaOf } from './house/backup.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { requireNodePackages, requireProgram } from './house/packages.mjs';
import { dataFolder, requireFreeSpace } from './house/place.mjs';
import { runMain, say, Stop } from './house/say.mjs';

const usage = `npm run restore -- FILE [--identity FILE] [--replace]
  --identity  the private key of age, for a backup that is encrypted
  --replace   the copy that is there is put beside, not deleted
Environment: COATREL_DATA (the copy it goes into)`;

function readOptions() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        identity: { type: 'string' },
        replace: { type: 'boolean', default: false },
        help: { type: 'boolean', default: false },
      },
    });
    return { ...values, file: positionals[0] };
  } catch (fault) {
    throw new Stop(`${fault.message.split('.')[0]}.\n${usage}`);
  }
}

function run(program, words) {
  const child = spawn(program, words, { stdio: ['ignore', 'ignore', 'pipe'] });
  let said = '';
  child.stderr.on('data', (part) => (said += part));
  return new Promise((done) =>
    child.on('exit', (code) => done(code === 0 ? null : said.trim().split('\n').at(-1) || `exit ${code}`)),
  );
}

function requireStopped(data) {
  try {
    const { pid, address } = JSON.parse(readFileSync(join(data, 'run.json'), 'utf8'));
    process.kill(pid, 0);
    throw new Stop(`Coatrel runs from ${data} at ${address}; stop it first (process ${pid}).`);
  } catch (fault) {
    if (fault instanceof Stop) throw fault;
  }
}

/** The list of what is in it; what does not stand in it, or is not as it stands there, is refused. */
async function checked(folder) {
  let list;
  try {
    list = JSON.parse(readFileSync(join(folder, 'manifest.json'), 'utf8'));
  } catch {
    throw new Stop('this is no backup of Coatrel: it has no list of what is in it.');
  }
  if (list.format !== 'coatrel-backup' || list.version !== 1)
    throw new Stop(
      `this backup is of form ${list.version}, which this Coatrel does not know; use the one that made it.`,
    );
  const newer = list.form.filter((tag) => !knownForms().has(tag));
  if (newer.length > 0)
    throw new Stop(
      `this backup was made by a newer Coatrel (its database has ${newer.join(', ')}); restore it with that one.`,
    );
  const strange = readdirSync(folder, { recursive: true, withFileTypes: true }).find(
    (one) =>
      !one.isDirectory() &&
      (!one.isFile() ||
        !['manifest.json', ...Object.keys(list.files)].includes(
          relative(folder, join(one.parentPath, one.name)),
        )),
  );
  if (strange) throw new Stop(`the backup holds ${strange.name}, which is not on its list.`);
  for (const [name, sha] of Object.entries(list.files)) {
    const path = resolve(folder, name);
    if (!path.startsWith(folder + sep) || !existsSync(path))
      throw new Stop(`the backup is not whole: ${name} is missing.`);
    if ((await shaOf(path)) !== sha)
      throw new Stop(`the backup is damaged: ${name} is not what was written.`);
  }
  return list;
}

/** Reads the dump into a new database of a new folder. */
async function fill(folder, from) {
  const database = new PrivateDatabase(folder);
  try {
    await database.start();
    const { socket, schema, migrate } = database.access;
    const child = spawn(
      requireProgram('mariadb', 'mariadb-client'),
      ['--no-defaults', `--socket=${socket}`, `-u${migrate.user}`, schema],
      { stdio: ['pipe', 'ignore', 'pipe'], env: { ...process.env, MYSQL_PWD: migrate.password } },
    );
    let said = '';
    child.stderr.on('data', (part) => (said += part));
    const ended = new Promise((done) => child.on('exit', done));
    await pipeline(createReadStream(join(from, 'database.sql.gz')), createGunzip(), child.stdin).catch(
      () => {},
    );
    if ((await ended) !== 0)
      throw new Stop(`the database of the backup could not be read: ${said.trim().split('\n').at(-1)}`);
    // Older forms are brought up to that of today.
    runCommand(['migrate'], { COATREL_DATA: folder });
    return Number(ask(database.access, 'select count(*) from job')[0]);
  } finally {
    await database.stop();
  }
}

await runMain(async () => {
  const options = readOptions();
  if (options.help) return say(usage);
  if (!options.file) throw new Stop(`name the file of a backup.\n${usage}`);
  if (!existsSync(options.file)) throw new Stop(`there is no file ${options.file}.`);
  requireNodePackages();
  requireProgram('mariadbd', 'mariadb-server');
  const data = dataFolder();
  requireStopped(data);
  const isUsed = readdirSync(data).some((name) => !['backups'].includes(name));
  if (isUsed && !options.replace)
    throw new Stop(
      `${data} holds a copy already; name another folder with COATREL_DATA, or say --replace: it is put beside.`,
    );
  requireFreeSpace(data, 600);
  const beside = join(dirname(data), `${basename(data)}.restoring`);
  const from = join(dirname(data), `${basename(data)}.unpacked`);
  for (const one of [beside, from]) rmSync(one, { recursive: true, force: true });
  mkdirSync(from, { recursive: true, mode: 0o700 });
  try {
    let tar = options.file;
    if (options.file.endsWith('.age')) {
      if (!options.identity) throw new Stop('this backup is encrypted; say --identity FILE.');
      tar = join(from, 'plain.tar');
      const why = await run(requireProgram('age', 'age'), [
        '--decrypt',
        '--identity',
        options.identity,
        '--output',
        tar,
        options.file,
      ]);
      if (why) throw new Stop(`the backup could not be decrypted: ${why}`);
    }
    const unpacked = join(from, 'all');
    mkdirSync(unpacked);
    const why = await run(requireProgram('tar', 'tar'), [
      '--extract',
      `--file=${tar}`,
      '--no-same-owner',
      '-C',
      unpacked,
    ]);
    if (why) throw new Stop(`the file is no backup of Coatrel, or not whole: ${why}`);
    const list = await checked(unpacked);
    process.env.COATREL_DATA = beside;
    const folder = dataFolder();
    const jobs = await fill(folder, unpacked);
    if (jobs !== list.jobs)
      throw new Stop(`${list.jobs} jobs were put in and ${jobs} came out; nothing was changed.`);
    if (existsSync(join(unpacked, 'photos'))) renameSync(join(unpacked, 'photos'), join(folder, 'photos'));
    if (existsSync(join(unpacked, 'keys.json')))
      renameSync(join(unpacked, 'keys.json'), join(folder, 'keys.json'));
    let put = null;
    if (existsSync(data)) {
      if (existsSync(join(data, 'backups'))) renameSync(join(data, 'backups'), join(folder, 'backups'));
      put = isUsed ? `${data}.before-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}` : null;
      if (put) renameSync(data, put);
      else rmSync(data, { recursive: true, force: true });
    }
    renameSync(folder, data);
    say(`${jobs} jobs of ${list.madeAt} stand in ${data}; start it with: npm start`);
    if (put) say(`What was there before lies in ${put}.`);
  } finally {
    for (const one of [beside, from]) rmSync(one, { recursive: true, force: true });
  }
});
