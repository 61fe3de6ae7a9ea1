import { and, eq, sql } from 'drizzle-orm';
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core';
import type { Connection } from '../database/client';
import * as schema from '../database/schema';
import type { Cells, EditableTable, Inverse, RowChange } from './row-change';

type Table = MySqlTable & { id: MySqlColumn; version: MySqlColumn };

const tables: Record<EditableTable, Table> = {
  shop: schema.shop,
  shift: schema.shift,
  closure: schema.closure,
  person: schema.person,
  dayOff: schema.dayOff,
  place: schema.place,
  operation: schema.operation,
  operationRate: schema.operationRate,
  learnedFactor: schema.learnedFactor,
  coatSystem: schema.coatSystem,
  ladder: schema.ladder,
  product: schema.product,
  stockMove: schema.stockMove,
  trial: schema.trial,
  job: schema.job,
  section: schema.section,
  measuredPart: schema.measuredPart,
  partSurvey: schema.partSurvey,
  mark: schema.mark,
  filmReading: schema.filmReading,
  ownPart: schema.ownPart,
  fitting: schema.fitting,
  hole: schema.hole,
  gate: schema.gate,
  find: schema.find,
  milestone: schema.milestone,
  opening: schema.opening,
  cover: schema.cover,
  blend: schema.blend,
  sendOut: schema.sendOut,
  photo: schema.photo,
  stepFact: schema.stepFact,
  logEntry: schema.logEntry,
  stepEdit: schema.stepEdit,
  addedStep: schema.addedStep,
  scopeChange: schema.scopeChange,
  signOff: schema.signOff,
};

/** Somebody else wrote the row since it was read, or it is gone, or it is there already. */
export class RowMovedOn extends Error {
  constructor(
    readonly table: EditableTable,
    readonly id: string,
    readonly why: 'changed' | 'gone' | 'exists',
  ) {
    super(`${table} ${id}: ${why}`);
  }
}

async function readRow(
  connection: Connection,
  table: EditableTable,
  id: string,
): Promise<(Cells & { version: number }) | null> {
  const [row] = await connection.select().from(tables[table]).where(eq(tables[table].id, id)).for('update');
  return (row as (Cells & { version: number }) | undefined) ?? null;
}

/**
 * Carries out changes in order and returns their inverse, last first, with the versions they leave behind.
 * Call it inside a transaction: the first change that does not fit throws and nothing of it remains.
 * @throws RowMovedOn
 */
export async function applyChanges(
  connection: Connection,
  changes: readonly RowChange[],
): Promise<Inverse[]> {
  const inverse: Inverse[] = [];
  for (const change of changes) inverse.unshift(await applyChange(connection, change));
  return inverse;
}

async function applyChange(connection: Connection, change: RowChange): Promise<Inverse> {
  const table = tables[change.table];
  if (change.kind === 'insert') {
    const { id } = change.row;
    if (await readRow(connection, change.table, id)) throw new RowMovedOn(change.table, id, 'exists');
    const version = Number(change.row.version ?? 0) + 1;
    await connection.insert(table).values({ ...change.row, version });
    return { kind: 'delete', table: change.table, id, seen: version, was: 0 };
  }
  const before = await readRow(connection, change.table, change.id);
  if (!before) throw new RowMovedOn(change.table, change.id, 'gone');
  if (before.version !== change.seen) throw new RowMovedOn(change.table, change.id, 'changed');
  const here = and(eq(table.id, change.id), eq(table.version, change.seen));
  if (change.kind === 'delete') {
    await connection.delete(table).where(here);
    return {
      kind: 'insert',
      table: change.table,
      row: before as Cells & { id: string; version: number },
      was: before.version,
    };
  }
  await connection
    .update(table)
    .set({ ...change.set, version: sql`${table.version} + 1` })
    .where(here);
  const set = Object.fromEntries(Object.keys(change.set).map((key) => [key, before[key]]));
  return { kind: 'update', table: change.table, id: change.id, seen: change.seen + 1, set, was: change.seen };
}
