import { bigint, boolean, char, double, int, json, varchar } from 'drizzle-orm/mysql-core';
import type { ColumnBuilderBaseConfig } from 'drizzle-orm';
import type { MySqlColumnBuilder, MySqlColumnBuilderBase } from 'drizzle-orm/mysql-core';
import type { Field, Fields, Store, TypeOf, Value } from '../../../core/concepts/field';

/** A column of `T` as Drizzle sees it. No default, so that a new row without the field does not compile. */
type Column<T> = MySqlColumnBuilderBase<
  ColumnBuilderBaseConfig<'custom', string> & { data: Exclude<T, null> },
  { notNull: null extends T ? false : true; hasDefault: false }
>;
type Columns<F extends Fields> = { [K in keyof F]: Column<TypeOf<F>[K]> };

function builderOf(store: Store, name: string): MySqlColumnBuilder {
  switch (store.kind) {
    case 'int':
    case 'minute':
      return int(name);
    case 'bigint':
      return bigint(name, { mode: 'number' });
    case 'double':
      return double(name);
    case 'flag':
      return boolean(name);
    case 'day':
      return char(name, { length: 10 });
    case 'word':
      return varchar(name, { length: 32 });
    case 'id':
      return varchar(name, { length: 160 });
    case 'text':
      return varchar(name, { length: store.length });
    case 'json':
      return json(name);
  }
}

function columnOf({ store, nullable, older }: Field<Value>, name: string): MySqlColumnBuilder {
  // A document that came later is null in older rows; `recordOf` reads what it means.
  if (nullable || (older && store.kind === 'json')) return builderOf(store, name);
  const column = builderOf(store, name).notNull();
  return older ? column.default(older.value) : column;
}

const snake = (key: string): string => key.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

/**
 * Columns of a concept under the names of its fields, so that no row is ever renamed by hand.
 * The cast: `store` and the field's type were paired in `core/concepts/field`, and a type cannot follow them through
 * an object of entries.
 * @param names of columns that are not called as their field is
 */
export const columnsOf = <F extends Fields>(fields: F, names: { [K in keyof NoInfer<F>]?: string } = {}) =>
  Object.fromEntries(
    Object.entries(fields).map(([key, one]) => [key, columnOf(one, names[key] ?? snake(key))]),
  ) as unknown as Columns<F>;
