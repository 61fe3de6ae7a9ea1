import { createHash } from 'node:crypto';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { dataFolder } from '../database/access';
import type { Picture } from './picture';

/** Photos lie in the data folder under the SHA-256 of what is stored, so that the same picture lies there once. */
const folder = (): string => join(dataFolder(), 'photos');
const pathOf = (sha256: string, thumb: boolean): string =>
  join(folder(), `${sha256}${thumb ? '.thumb' : ''}.jpg`);

/** Writes beside and renames, so that a picture is there whole or not at all. */
async function put(path: string, bytes: Buffer): Promise<void> {
  const beside = `${path}.${process.pid}.part`;
  await writeFile(beside, bytes, { flush: true });
  await rename(beside, path);
}

/** Keeps a picture and its thumbnail. @returns its name, the SHA-256 of the stored JPEG */
export async function keepPicture({ jpeg, thumb }: Pick<Picture, 'jpeg' | 'thumb'>): Promise<string> {
  const sha256 = createHash('sha256').update(jpeg).digest('hex');
  await mkdir(folder(), { recursive: true });
  await put(pathOf(sha256, true), thumb);
  await put(pathOf(sha256, false), jpeg);
  return sha256;
}

/** @returns null where there is no such picture */
export async function loadPicture(sha256: string, thumb: boolean): Promise<Buffer | null> {
  if (!/^[0-9a-f]{64}$/.test(sha256)) return null;
  return readFile(pathOf(sha256, thumb)).catch(() => null);
}
