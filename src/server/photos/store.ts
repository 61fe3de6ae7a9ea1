import { createHash, randomUUID } from 'node:crypto';
import { mkdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Picture } from '../../workers/picture';
import { dataFolder } from '../database/access';
import { clearOlderThan } from '../old-files';

/** Photos lie in the data folder under the SHA-256 of what is stored, so that the same picture lies there once. */
export const photosFolder = (): string => join(dataFolder(), 'photos');
const pathOf = (sha256: string, thumb: boolean): string =>
  join(photosFolder(), `${sha256}${thumb ? '.thumb' : ''}.jpg`);

/** Writes beside and renames, so that a picture is there whole or not at all; only our own user may read it. */
async function put(path: string, bytes: Uint8Array): Promise<void> {
  // A name of its own: the same picture may come in several times at once.
  const beside = `${path}.${randomUUID()}.part`;
  try {
    await writeFile(beside, bytes, { flush: true, mode: 0o600 });
    await rename(beside, path);
  } catch (error) {
    await rm(beside, { force: true });
    throw error;
  }
}

/** What a crash left behind is cleared away after an hour. */
const strayMs = 3_600_000;

const clearStrays = (): Promise<void> =>
  clearOlderThan(photosFolder(), strayMs, (name) => name.endsWith('.part'));

const isThere = (path: string): Promise<boolean> =>
  stat(path).then(
    (one) => one.isFile(),
    () => false,
  );

/** Keeps a picture and its thumbnail. @returns its name, the SHA-256 of the stored JPEG */
export async function keepPicture({ jpeg, thumb }: Pick<Picture, 'jpeg' | 'thumb'>): Promise<string> {
  const sha256 = createHash('sha256').update(jpeg).digest('hex');
  await mkdir(photosFolder(), { recursive: true, mode: 0o700 });
  await clearStrays();
  await put(pathOf(sha256, true), thumb);
  try {
    await put(pathOf(sha256, false), jpeg);
  } catch (error) {
    // The disk filled up between the two: no thumbnail of a picture that is not there, unless it came in before.
    if (!(await isThere(pathOf(sha256, false)))) await rm(pathOf(sha256, true), { force: true });
    throw error;
  }
  return sha256;
}

/** Where a picture lies, whether or not it is there; null for what is no name of one. */
export const picturePath = (sha256: string): string | null =>
  /^[0-9a-f]{64}$/.test(sha256) ? pathOf(sha256, false) : null;

/** @returns null where there is no such picture */
export async function loadPicture(sha256: string, thumb: boolean): Promise<Buffer | null> {
  if (!/^[0-9a-f]{64}$/.test(sha256)) return null;
  return readFile(pathOf(sha256, thumb)).catch(() => null);
}
