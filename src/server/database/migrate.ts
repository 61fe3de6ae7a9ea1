import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import { dataFolder, readAccess, type DatabaseAccess } from './access';

/** A migration that cannot go on; the message is one sentence for the user. */
export class MigrationStopped extends Error {}

export interface Migration {
  tag: string;
  statements: string[];
}

/** Reads the generated migrations in their order, split at the statement breakpoints. */
export function readMigrations(folder: string): Migration[] {
  const journal = JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as {
    entries: { tag: string }[];
  };
  return journal.entries.map(({ tag }) => ({
    tag,
    statements: readFileSync(join(folder, `${tag}.sql`), 'utf8')
      .split('--> statement-breakpoint')
      .map((statement) => statement.trim())
      .filter(Boolean),
  }));
}

/** Errors that say a statement was carried out before: table, column, key or constraint exists, or is gone already. */
const doneBefore = new Set([
  'ER_TABLE_EXISTS_ERROR',
  'ER_DUP_FIELDNAME',
  'ER_DUP_KEYNAME',
  'ER_FK_DUP_NAME',
  'ER_DUP_CONSTRAINT_NAME',
  'ER_CANT_DROP_FIELD_OR_KEY',
  'ER_BAD_TABLE_ERROR',
  'ER_MULTIPLE_PRI_KEY',
]);

const hashOf = (statement: string) => createHash('sha256').update(statement).digest('hex');

interface Entry {
  tag: string;
  position: number;
  sha: string;
  state: 'begun' | 'done';
}

export interface MigrationReport {
  ran: number;
  /** A statement that an interrupted migration had begun was carried out again or found done. */
  continued: boolean;
  dump: string | null;
}

/**
 * Brings the database to the newest form. Each statement is journalled before and after, so that an interrupted
 * migration is continued; a dump is written before a database that holds anything is changed.
 * @throws MigrationStopped when the database is newer than this program, or was changed by hand
 */
export async function migrate(
  folder = join(process.cwd(), 'drizzle'),
  dumpTo = join(dataFolder(), 'dumps'),
): Promise<MigrationReport> {
  const access = readAccess();
  const connection = await createConnection({
    socketPath: access.socket,
    ...access.migrate,
    database: access.schema,
    timezone: 'Z',
  });
  try {
    return await run(connection, access, readMigrations(folder), dumpTo);
  } finally {
    await connection.end();
  }
}

async function run(
  connection: Connection,
  access: DatabaseAccess,
  migrations: Migration[],
  dumpTo: string,
): Promise<MigrationReport> {
  await connection.query(
    `create table if not exists schema_statement (
      tag varchar(120) not null, position int not null, sha char(64) not null,
      state varchar(8) not null check (state in ('begun', 'done')), primary key (tag, position))`,
  );
  const [rows] = await connection.query<RowDataPacket[]>(
    'select tag, position, sha, state from schema_statement',
  );
  const journal = new Map((rows as Entry[]).map((row) => [`${row.tag}/${row.position}`, row]));
  refuseNewer(journal, migrations);
  const left = migrations.flatMap(({ tag, statements }) =>
    statements
      .map((statement, position) => ({ tag, position, statement, seen: journal.get(`${tag}/${position}`) }))
      .filter((one) => one.seen?.state !== 'done'),
  );
  const dump = left.length > 0 && (await holdsRows(connection)) ? writeDump(access, dumpTo) : null;
  for (const one of left) await carryOut(connection, one, dump);
  return { ran: left.length, continued: left.some((one) => one.seen?.state === 'begun'), dump };
}

function refuseNewer(journal: ReadonlyMap<string, Entry>, migrations: readonly Migration[]): void {
  const known = new Map<string, string>(
    migrations.flatMap(({ tag, statements }) =>
      statements.map((statement, i) => [`${tag}/${i}`, hashOf(statement)] as const),
    ),
  );
  for (const [key, entry] of journal) {
    if (!known.has(key))
      throw new MigrationStopped(
        `the data folder was written by a newer Coatrel (migration ${entry.tag}); start that version, or give this one another folder with COATREL_DATA.`,
      );
    if (known.get(key) !== entry.sha)
      throw new MigrationStopped(
        `migration ${entry.tag} differs from the one this database was made with; restore the newest file of its dumps folder.`,
      );
  }
}

async function holdsRows(connection: Connection): Promise<boolean> {
  const [tables] = await connection.query<RowDataPacket[]>(
    "select table_name as name from information_schema.tables where table_schema = database() and table_name = 'job'",
  );
  if (tables.length === 0) return false;
  const [rows] = await connection.query<RowDataPacket[]>('select 1 from job limit 1');
  return rows.length > 0;
}

function writeDump(access: DatabaseAccess, folder: string): string {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const run = spawnSync(
    'mariadb-dump',
    [
      '--no-defaults',
      `--socket=${access.socket}`,
      `-u${access.migrate.user}`,
      '--single-transaction',
      access.schema,
    ],
    { encoding: 'utf8', maxBuffer: 1 << 30, env: { ...process.env, MYSQL_PWD: access.migrate.password } },
  );
  if (run.status !== 0)
    throw new MigrationStopped('the database could not be dumped before its change, so nothing was changed.');
  const file = join(folder, `before-${new Date().toISOString().replace(/[:.]/g, '-')}.sql`);
  writeFileSync(file, run.stdout, { mode: 0o600 });
  return file;
}

async function carryOut(
  connection: Connection,
  one: { tag: string; position: number; statement: string; seen: Entry | undefined },
  dump: string | null,
): Promise<void> {
  const key = [one.tag, one.position];
  if (!one.seen)
    await connection.query(
      "insert into schema_statement (tag, position, sha, state) values (?, ?, ?, 'begun')",
      [...key, hashOf(one.statement)],
    );
  try {
    await connection.query(one.statement);
  } catch (fault) {
    const code = (fault as { code?: string }).code ?? '';
    // Only a statement that was begun before may have been carried out already.
    if (!one.seen || !doneBefore.has(code))
      throw new MigrationStopped(
        `migration ${one.tag} stopped at statement ${one.position + 1} (${code || 'unknown fault'}); ${dump ? `the state before it is in ${dump}.` : 'no data was in the database yet.'}`,
      );
  }
  await connection.query("update schema_statement set state = 'done' where tag = ? and position = ?", key);
}
