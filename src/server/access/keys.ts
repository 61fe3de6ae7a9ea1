import { randomBytes } from 'node:crypto';
import { existsSync, linkSync, readFileSync, unlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder } from '../database/access';

interface Keys {
  /** Seals cookies and second factors; base64url of 32 bytes. */
  seal: string;
}

/** Several machines on one database share one file; else it lies in the data folder. */
const file = (): string => process.env.COATREL_KEYS ?? join(dataFolder(), 'keys.json');

/** @returns null before there are any */
function readKeys(): Keys | null {
  if (!existsSync(file())) return null;
  const read: unknown = JSON.parse(readFileSync(file(), 'utf8'));
  if (read === null || typeof read !== 'object' || !('seal' in read) || typeof read.seal !== 'string')
    throw new Error(
      `${file()} holds no keys; put back the file of a backup, or remove it: everybody signs in anew`,
    );
  return { seal: read.seal };
}

/** Whole or not at all: of two processes that begin at once one makes the file, the other reads it. */
function makeKeys(): Keys {
  const beside = `${file()}.${process.pid}.part`;
  writeFileSync(beside, JSON.stringify({ seal: randomBytes(32).toString('base64url') }), { mode: 0o600 });
  try {
    linkSync(beside, file());
  } catch (error) {
    if (!existsSync(file())) throw error;
  } finally {
    unlinkSync(beside);
  }
  const made = readKeys();
  if (!made) throw new Error(`${file()} could not be written`);
  return made;
}

let known: Keys | null = null;
/** The keys of this copy, made at their first use. */
export const keys = (): Keys => (known ??= readKeys() ?? makeKeys());
