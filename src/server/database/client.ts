import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import type { Pool as CallbackPool } from 'mysql2';
import { createPool, type Pool } from 'mysql2/promise';
import { readAccess } from './access';
import * as schema from './schema';

export type Database = MySql2Database<typeof schema>;
/** A database or one of its transactions: what repositories work on. */
export type Connection = Database | Parameters<Parameters<Database['transaction']>[0]>[0];

interface Opened {
  pool: Pool;
  database: Database;
}

// One pool a process, also when the framework loads this module twice.
const store = globalThis as typeof globalThis & { coatrelDatabase?: Opened };

function open(): Opened {
  const access = readAccess();
  const pool = createPool({
    socketPath: access.socket,
    user: access.data.user,
    password: access.data.password,
    database: access.schema,
    timezone: 'Z',
    connectionLimit: 6,
    charset: 'utf8mb4_bin',
  });
  return { pool, database: drizzle(pool, { schema, mode: 'default' }) };
}

/** The shared connection with data rights only. */
export function database(): Database {
  store.coatrelDatabase ??= open();
  return store.coatrelDatabase.database;
}

/** The pool beneath the shared connection, as packages with callbacks take it, and the name of its schema. */
export function callbackPool(): { pool: CallbackPool; schema: string } {
  database();
  return { pool: store.coatrelDatabase!.pool.pool, schema: readAccess().schema };
}

/** Closes the shared connection; commands and tests call it at their end. */
export async function closeDatabase(): Promise<void> {
  const opened = store.coatrelDatabase;
  delete store.coatrelDatabase;
  await opened?.pool.end();
}
