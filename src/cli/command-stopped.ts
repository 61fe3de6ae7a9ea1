import { readFileSync, statSync } from 'node:fs';
import { documentLimits } from '../core/exchange/faults';

/** A command that ends with a sentence and an exit code of its own. */
export class CommandStopped extends Error {
  constructor(
    message: string,
    readonly exitCode: number,
  ) {
    super(message);
  }
}

/** Largest archive that is read: photos and all. */
const largestArchive = 4 * 1024 ** 3;

/** What a file holds, read as somebody asks. @throws CommandStopped with exit code 2 when it cannot be read or is too large */
function readWithin<T>(path: string, most: number, words: string, read: (path: string) => T): T {
  try {
    if (statSync(path).size > most) throw new CommandStopped(`${path} is larger than ${words}`, 2);
    return read(path);
  } catch (error) {
    if (error instanceof CommandStopped) throw error;
    throw new CommandStopped(`${path} cannot be read (${(error as NodeJS.ErrnoException).code})`, 2);
  }
}

/** Text of a file. @throws CommandStopped as `readWithin` does */
export const readText = (path: string): string =>
  readWithin(path, documentLimits.bytes, '20 MB', (one) => readFileSync(one, 'utf8'));

/** Bytes of an archive. @throws CommandStopped as `readWithin` does */
export const readBytes = (path: string): Uint8Array =>
  readWithin(path, largestArchive, '4 GB', (one) => new Uint8Array(readFileSync(one)));
