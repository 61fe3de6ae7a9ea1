import { getTableColumns } from 'drizzle-orm';
import { tables, type RowOf, type TableName } from './tables';

// Looked up by name, so that for a table not known until run time no row fits at all.
export type NewRow = { [N in TableName]: Omit<RowOf<N>, 'version'> };
export type Cells = { [N in TableName]: Partial<Omit<RowOf<N>, 'id' | 'version'>> };

type Change<N extends TableName> =
  | { kind: 'insert'; table: N; row: NewRow[N] }
  | { kind: 'update'; table: N; id: string; seen: number; set: Cells[N] }
  | { kind: 'delete'; table: N; id: string; seen: number };

declare const checked: unique symbol;
/**
 * One change of one row. `seen` is the version the writer expects; another version means somebody wrote since.
 * Made by `insert`, `update` and `remove` only: a bare literal with a spread in it would keep misspelt keys.
 */
export type RowChange = { [N in TableName]: Change<N> }[TableName] & { [checked]: true };

/** Refuses keys that `Shape` does not have; TypeScript does so by itself only where nothing is spread. */
type Exact<Shape, Given> = Given & { [K in Exclude<keyof Given, keyof Shape>]: never };

/** The first key that the table has no column for; null where all fit. */
export function strangeKey(table: TableName, cells: object): string | null {
  const columns = getTableColumns(tables[table]);
  return Object.keys(cells).find((key) => !Object.hasOwn(columns, key)) ?? null;
}

/**
 * The cast gives the mark, which is no property at all, to what the makers below have checked. Run time looks again,
 * because a spread of something wider than its type brings keys along that the compiler does not see.
 */
function mark<N extends TableName>(change: Change<N>, cells: object): RowChange {
  const stranger = strangeKey(change.table, cells);
  if (stranger !== null) throw new Error(`${change.table} has no column ${stranger}`);
  return change as unknown as RowChange;
}

export const insert = <N extends TableName, G extends NewRow[N]>(
  table: N,
  row: Exact<NewRow[N], G>,
): RowChange => mark<N>({ kind: 'insert', table, row }, row);

export const update = <N extends TableName, G extends Cells[N]>(
  table: N,
  id: string,
  seen: number,
  set: Exact<Cells[N], G>,
): RowChange => mark<N>({ kind: 'update', table, id, seen, set }, set);

export const remove = (table: TableName, id: string, seen: number): RowChange =>
  mark({ kind: 'delete', table, id, seen }, {});

/** A sparse table of one optional row: insert, update or delete, as the writer saw it. */
export function setOrClear<N extends TableName, G extends Cells[N]>(
  table: N,
  row: { id: string; seen: number | null },
  cells: Exact<Cells[N], G> | null,
  whole: (cells: Exact<Cells[N], G>) => RowChange,
): RowChange[] {
  if (cells === null) return row.seen === null ? [] : [remove(table, row.id, row.seen)];
  return [row.seen === null ? whole(cells) : update<N, G>(table, row.id, row.seen, cells)];
}

/** A change that takes another back; `was` is the version the other one saw, 0 where it made the row. */
export type Inverse =
  | { kind: 'insert'; table: TableName; row: { id: string; version: number }; was: number }
  | { kind: 'update'; table: TableName; id: string; seen: number; set: object; was: number }
  | { kind: 'delete'; table: TableName; id: string; seen: number; was: number };
