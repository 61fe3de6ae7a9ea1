import { createConnection, type RowDataPacket } from 'mysql2/promise';
import { loadDemo } from '../../demo/load-demo';
import { closePool } from '../workers/pool';
import { readAccess } from './access';
import { closeDatabase } from './client';
import { migrate } from './migrate';

/** The clock of tests that work on the demo scenario. */
export const demoClock = '2026-12-24T09:00:00Z';

/** A migrated database without a row: test files share one database and none may lean on another's rows. */
export async function emptyDatabase(): Promise<void> {
  process.env.COATREL_NOW = demoClock;
  await migrate();
  const access = readAccess();
  const connection = await createConnection({
    socketPath: access.socket,
    ...access.migrate,
    database: access.schema,
  });
  const [tables] = await connection.query<RowDataPacket[]>('show full tables where Table_type = ?', [
    'BASE TABLE',
  ]);
  await connection.query('set foreign_key_checks = 0');
  for (const row of tables) {
    const table = String(Object.values(row)[0]);
    if (!table.startsWith('schema_')) await connection.query(`delete from \`${table}\``);
  }
  await connection.end();
}

/** The demo scenario at the tests' clock and nothing else. */
export async function freshDemo(): Promise<void> {
  await emptyDatabase();
  await loadDemo(Date.parse(demoClock) / 60000);
}

/** Leaves nothing running: no thread, no connection. */
export async function closeAll(): Promise<void> {
  await closePool();
  await closeDatabase();
}
