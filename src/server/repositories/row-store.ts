import { and, eq, sql } from 'drizzle-orm';
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core';
import type { Connection } from '../database/client';
import { hasCode } from '../database/fault';
import { strangeKey, type Inverse, type RowChange } from './row-change';
import { tables, type TableName } from './tables';

type Table = MySqlTable & { id: MySqlColumn; version: MySqlColumn };
const tableOf = (name: TableName): Table => tables[name];

/** Somebody else wrote the row since it was read, or it is gone, or it is there already. */
export class RowConflict extends Error {
  constructor(
    readonly table: TableName,
    readonly id: string,
    readonly why: 'changed' | 'gone' | 'exists',
  ) {
    super(`${table} ${id}: ${why}`);
  }
}

/** An inverse that was kept by an older Coatrel and names columns that no longer are. */
export class TooOld extends Error {}

/** A row with its version, its other cells as they stand. */
type KeptRow = { id: string; version: number };

async function readRow(connection: Connection, table: TableName, id: string): Promise<KeptRow | null> {
  const rows = await connection
    .select()
    .from(tableOf(table))
    .where(eq(tableOf(table).id, id))
    .for('update');
  // Every table of ours has both columns; Drizzle knows no more of a table that is named at run time.
  return (rows[0] as KeptRow | undefined) ?? null;
}

/** What was done to the rows: its inverse, last first, and the panels it concerned. */
export interface Applied {
  inverse: Inverse[];
  panels: string[];
}

/** Panels a row names: of its own, or in a list. */
function panelsOf(table: TableName, row: object): string[] {
  const own = ['part', 'partKey'].flatMap((key) => {
    const value: unknown = Reflect.get(row, key);
    return typeof value === 'string' && value !== '' ? [value] : [];
  });
  const list: unknown = table === 'logEntry' ? Reflect.get(row, 'parts') : [];
  const key: unknown = table === 'measuredPart' ? Reflect.get(row, 'key') : null;
  return [
    ...own,
    ...(Array.isArray(list) ? list.filter((one): one is string => typeof one === 'string') : []),
    ...(typeof key === 'string' ? [key] : []),
  ];
}

/**
 * Carries out changes in order. Call it inside a transaction: the first change that does not fit throws and nothing of
 * it remains.
 * @throws RowConflict, TooOld
 */
export async function applyChanges(
  connection: Connection,
  changes: readonly (RowChange | Inverse)[],
): Promise<Applied> {
  const inverse: Inverse[] = [];
  const panels = new Set<string>();
  for (const change of changes) {
    const one = await applyChange(connection, change);
    inverse.unshift(one.inverse);
    for (const panel of panelsOf(change.table, one.row)) panels.add(panel);
  }
  return { inverse, panels: [...panels].sort() };
}

async function applyChange(
  connection: Connection,
  change: RowChange | Inverse,
): Promise<{ inverse: Inverse; row: object }> {
  const cells = change.kind === 'insert' ? change.row : change.kind === 'update' ? change.set : {};
  const stranger = strangeKey(change.table, cells);
  if (stranger !== null) throw new TooOld(`${change.table} has no column ${stranger}`);
  const table = tableOf(change.table);
  if (change.kind === 'insert') {
    const { id } = change.row;
    const version = ('version' in change.row ? Number(change.row.version) : 0) + 1;
    try {
      await connection.insert(table).values({ ...change.row, version });
    } catch (error) {
      if (hasCode(error, 'ER_DUP_ENTRY')) throw new RowConflict(change.table, id, 'exists');
      throw error;
    }
    return {
      inverse: { kind: 'delete', table: change.table, id, seen: version, was: 0 },
      row: change.row,
    };
  }
  const before = await readRow(connection, change.table, change.id);
  if (!before) throw new RowConflict(change.table, change.id, 'gone');
  if (before.version !== change.seen) throw new RowConflict(change.table, change.id, 'changed');
  const here = and(eq(table.id, change.id), eq(table.version, change.seen));
  if (change.kind === 'delete') {
    await connection.delete(table).where(here);
    return {
      inverse: { kind: 'insert', table: change.table, row: before, was: before.version },
      row: before,
    };
  }
  await connection
    .update(table)
    .set({ ...change.set, version: sql`${table.version} + 1` })
    .where(here);
  const set = Object.fromEntries(Object.keys(change.set).map((key) => [key, Reflect.get(before, key)]));
  return {
    inverse: {
      kind: 'update',
      table: change.table,
      id: change.id,
      seen: change.seen + 1,
      set,
      was: change.seen,
    },
    row: before,
  };
}
