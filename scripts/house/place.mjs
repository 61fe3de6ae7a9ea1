import { createHash } from 'node:crypto';
import { chmodSync, existsSync, lstatSync, mkdirSync, mkdtempSync, statSync, statfsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Stop, say } from './say.mjs';

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
export const isRoot = process.getuid?.() === 0;
const shortHash = (text) => createHash('sha256').update(text).digest('hex').slice(0, 10);

/** The database server runs as the user `mysql` when we are root, so every folder above its data must let it pass. */
function othersMayPass(folder) {
  for (let at = dirname(folder); ; at = dirname(at)) {
    if (!(statSync(at).mode & 0o001)) return false;
    if (at === dirname(at)) return true;
  }
}

/** A folder that nobody else may list; the database's own user passes through it to its part. */
function ownFolder(folder) {
  mkdirSync(folder, { recursive: true });
  chmodSync(folder, isRoot ? 0o711 : 0o700);
  return folder;
}

/** Where this copy keeps its data: COATREL_DATA, else `.data` in the project, else a folder the database can reach. */
export function dataFolder(name = '.data') {
  const asked =
    process.env.COATREL_DATA && name === '.data' ? resolve(process.env.COATREL_DATA) : join(root, name);
  try {
    mkdirSync(dirname(asked), { recursive: true });
    if (isRoot && !othersMayPass(asked)) {
      const other = join('/var/lib/coatrel', `${shortHash(asked)}${name}`);
      say(`The database user cannot reach the project folder; data is kept in ${other}.`);
      return ownFolder(other);
    }
    ownFolder(asked);
  } catch (fault) {
    throw new Stop(
      `cannot make the data folder ${asked} (${fault.code}); set COATREL_DATA to a folder that can be written.`,
    );
  }
  return asked;
}

/** Where only we, or only root, may make folders; else the system's folder for temporary files. */
function runFolder() {
  if (isRoot && existsSync('/run')) return '/run';
  const own = process.env.XDG_RUNTIME_DIR;
  return own && existsSync(own) ? own : tmpdir();
}

/**
 * A folder for the database's socket, whose path is limited to about 100 bytes. Its name cannot be guessed and it is
 * made by us alone, so that nobody can lay a link in its place.
 * @param known the folder of an earlier start; taken again while it is a folder of its own and no link
 */
export function socketFolder(known) {
  const kept = known && lstatSync(known, { throwIfNoEntry: false });
  return kept?.isDirectory() ? known : mkdtempSync(join(runFolder(), 'coatrel-'));
}

/** @throws Stop when less than `needMb` is free where the data lies. */
export function requireFreeSpace(folder, needMb) {
  const disk = statfsSync(folder);
  const freeMb = Math.floor((disk.bavail * disk.bsize) / 1048576);
  if (freeMb < needMb)
    throw new Stop(
      `the disk that holds ${folder} has ${freeMb} MB free and ${needMb} MB are needed; make room and start again.`,
    );
}
