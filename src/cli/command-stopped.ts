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

/** Text of a file. @throws CommandStopped with exit code 2 when it cannot be read or is too large */
export function readText(path: string): string {
  try {
    if (statSync(path).size > documentLimits.bytes)
      throw new CommandStopped(`${path} is larger than 20 MB`, 2);
    return readFileSync(path, 'utf8');
  } catch (error) {
    if (error instanceof CommandStopped) throw error;
    throw new CommandStopped(`${path} cannot be read (${(error as NodeJS.ErrnoException).code})`, 2);
  }
}
