import { asc, desc, eq, getTableColumns, is, lt } from 'drizzle-orm';
import { MySqlTable, type MySqlColumn } from 'drizzle-orm/mysql-core';
import type { Connection } from '../database/client';
import * as schema from '../database/schema';

type OfJob = MySqlTable & { jobId: MySqlColumn };

/** Every table whose rows belong to a job: found in the schema, so that none that comes later is forgotten. */
const tablesOfJob: readonly (readonly [string, OfJob])[] = Object.entries(schema).flatMap(([name, table]) =>
  is(table, MySqlTable) && 'jobId' in getTableColumns(table) ? [[name, table as OfJob] as const] : [],
);

/** Rows of a job by table, the job's own first. */
type Content = [table: string, rows: object[]][];

/** All rows of a job as they stand; null where there is none. */
async function rowsOfJob(connection: Connection, number: string): Promise<Content | null> {
  const own = await connection.select().from(schema.job).where(eq(schema.job.id, number)).for('update');
  if (own.length === 0) return null;
  const content: Content = [['job', own]];
  for (const [name, table] of tablesOfJob) {
    const rows = await connection.select().from(table).where(eq(table.jobId, number));
    if (rows.length > 0) content.push([name, rows]);
  }
  return content;
}

/** A job in the trash. Times in seconds since 1970. */
export interface Trashed {
  id: string;
  job: string;
  label: string;
  author: string;
  putAt: number;
  endsAt: number;
}

const { content: _content, version: _version, ...listed } = getTableColumns(schema.trash);

export const loadTrash = (connection: Connection): Promise<Trashed[]> =>
  connection.select(listed).from(schema.trash).orderBy(desc(schema.trash.putAt)).limit(200);

export async function trashedById(connection: Connection, id: string): Promise<Trashed | null> {
  const [row] = await connection.select(listed).from(schema.trash).where(eq(schema.trash.id, id)).limit(1);
  return row ?? null;
}

/** Puts a job with all its rows away; its photos stay on the disk. @returns false where there is no such job */
export async function putJobAway(
  connection: Connection,
  given: Omit<Trashed, 'label'> & { label: string },
): Promise<boolean> {
  const content = await rowsOfJob(connection, given.job);
  if (!content) return false;
  await connection.insert(schema.trash).values({ ...given, content: JSON.stringify(content) });
  await connection.delete(schema.job).where(eq(schema.job.id, given.job));
  return true;
}

/** Brings a job back as it stood. @returns false where it is not there any more */
export async function bringJobBack(connection: Connection, id: string): Promise<boolean> {
  const [row] = await connection.select().from(schema.trash).where(eq(schema.trash.id, id)).for('update');
  if (!row) return false;
  const byName = new Map<string, MySqlTable>([['job', schema.job], ...tablesOfJob]);
  // Written by `putJobAway` from the same tables.
  for (const [name, rows] of JSON.parse(row.content) as Content) {
    const table = byName.get(name);
    if (!table) throw new Error(`the trash holds rows of ${name}, which is no table of today`);
    for (const one of rows) await connection.insert(table).values(one);
  }
  await connection.delete(schema.trash).where(eq(schema.trash.id, id));
  return true;
}

/** What has lain there for its thirty days is gone. */
export async function dropEndedTrash(connection: Connection, now: number): Promise<void> {
  await connection.delete(schema.trash).where(lt(schema.trash.endsAt, now));
}

/** Contents of the trash as text, one by one, for whoever looks which photos are still named there. */
export async function* trashContents(connection: Connection): AsyncGenerator<string> {
  const ids = await connection
    .select({ id: schema.trash.id })
    .from(schema.trash)
    .orderBy(asc(schema.trash.id));
  for (const { id } of ids) {
    const [row] = await connection.select().from(schema.trash).where(eq(schema.trash.id, id));
    if (row) yield row.content;
  }
}
