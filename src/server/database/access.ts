import { readFileSync } from 'node:fs';
import { join } from 'node:path';

export interface DatabaseUser {
  user: string;
  password: string;
}

/** How to reach the private database, as `npm start` wrote it down. */
export interface DatabaseAccess {
  socket: string;
  /** Sockets of the other nodes of a cluster, in the order in which they are tried; none for one server. */
  otherSockets?: string[];
  schema: string;
  migrate: DatabaseUser;
  data: DatabaseUser;
}

export class DatabaseMissing extends Error {}

/** The data folder of this copy. */
export const dataFolder = (): string => process.env.COATREL_DATA ?? join(process.cwd(), '.data');

/** @throws DatabaseMissing in one sentence when Coatrel was never started here */
export function readAccess(): DatabaseAccess {
  try {
    return JSON.parse(readFileSync(join(dataFolder(), 'access.json'), 'utf8')) as DatabaseAccess;
  } catch {
    throw new DatabaseMissing('no database was made here yet; start Coatrel once with: npm start');
  }
}
