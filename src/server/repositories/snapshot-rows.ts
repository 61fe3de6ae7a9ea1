import { getTableColumns, sql, type SQL } from 'drizzle-orm';
import type { Connection } from '../database/client';
import { agreedPlan } from '../database/schema';
import { tables, type RowOf, type TableName } from './tables';

/** Tables that can be read so: all that are written row by row, and of accepted plans which they are, without the plans. */
export type ReadName = TableName | 'agreedPlan';
type ReadRow<N extends ReadName> = N extends TableName
  ? RowOf<N>
  : Omit<typeof agreedPlan.$inferSelect, 'plan'>;

const readable = { ...tables, agreedPlan };

function columnsOfRead(name: ReadName) {
  const columns = Object.entries(getTableColumns(readable[name]));
  return name === 'agreedPlan' ? columns.filter(([key]) => key !== 'plan') : columns;
}

/** Rows of several tables as they stood at one moment. */
export type RowsOf<N extends ReadName> = { [K in N]: ReadRow<K>[] };

interface Answer {
  kind: string;
  cells: string | object;
}

/** One table's part of the statement: each row as its name and one JSON object of its cells. */
function partOf(name: ReadName, where: SQL | undefined): SQL {
  const table = readable[name];
  const pairs = columnsOfRead(name).flatMap(([key, column]) => [sql`${sql.raw(`'${key}'`)}`, sql`${column}`]);
  const condition = where ? sql` where ${where}` : sql``;
  return sql`select ${sql.raw(`'${name}'`)} as kind, json_object(${sql.join(pairs, sql`, `)}) as cells from ${table}${condition}`;
}

/** A cell as Drizzle would have read it from its column: flags are numbers in JSON, documents may come as text. */
function cellOf(dataType: string, value: unknown): unknown {
  if (dataType === 'boolean') return value === null ? null : value === true || value === 1;
  if (dataType === 'json' && typeof value === 'string') return JSON.parse(value) as unknown;
  return value;
}

/**
 * Reads the rows of several tables in one statement, so that they stand as they stood at one moment, without a
 * transaction around them.
 * @param whereOf which rows of each table; undefined for all
 */
export async function readRows<const N extends ReadName>(
  connection: Connection,
  names: readonly N[],
  whereOf: (name: N) => SQL | undefined,
): Promise<RowsOf<N>> {
  const statement = sql.join(
    names.map((name) => partOf(name, whereOf(name))),
    sql` union all `,
  );
  const [answers] = await connection.execute(statement);
  const rows = Object.fromEntries(names.map((name): [string, object[]] => [name, []]));
  // What a raw statement answers has no type; its two columns are named above.
  for (const { kind, cells } of answers as unknown as Answer[]) {
    const raw = typeof cells === 'string' ? (JSON.parse(cells) as object) : cells;
    rows[kind]!.push(
      Object.fromEntries(
        columnsOfRead(kind as N).map(([key, column]) => [
          key,
          cellOf(column.dataType, Reflect.get(raw, key)),
        ]),
      ),
    );
  }
  // Each row was built from its own table's columns.
  return rows as RowsOf<N>;
}
