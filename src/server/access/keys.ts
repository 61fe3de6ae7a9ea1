import { randomBytes } from 'node:crypto';
import { linkSync, readFileSync, unlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder } from '../database/access';

interface Keys {
  /** Seals cookies and second factors; base64url of 32 bytes. */
  seal: string;
}

/** Several machines on one database share one file; else it lies in the data folder. */
const file = (): string => process.env.COATREL_KEYS ?? join(dataFolder(), 'keys.json');

function readKeys(): Keys | null {
  try {
    const read: unknown = JSON.parse(readFileSync(file(), 'utf8'));
    return read !== null && typeof read === 'object' && 'seal' in read && typeof read.seal === 'string'
      ? { seal: read.seal }
      : null;
  } catch (error) {
    if (error instanceof Error && 'code' in error && error.code === 'ENOENT') return null;
    throw error;
  }
}

/** Whole or not at all: of two processes that begin at once one makes the file, the other reads it. */
function makeKeys(): Keys {
  const made: Keys = { seal: randomBytes(32).toString('base64url') };
  const beside = `${file()}.${process.pid}.part`;
  writeFileSync(beside, JSON.stringify(made), { mode: 0o600 });
  try {
    linkSync(beside, file());
  } catch (error) {
    if (!(error instanceof Error && 'code' in error && error.code === 'EEXIST')) throw error;
  } finally {
    unlinkSync(beside);
  }
  return readKeys() ?? made;
}

let known: Keys | null = null;
/** The keys of this copy, made at their first use. */
export const keys = (): Keys => (known ??= readKeys() ?? makeKeys());
