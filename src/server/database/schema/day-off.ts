import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { dayOffFields } from '../../../core/concepts/shop';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { person } from './person';

/** Days away, both ends included. */
export const dayOff = mysqlTable(
  'day_off',
  {
    id: id().primaryKey(),
    personId: id('person_id')
      .notNull()
      .references(() => person.id, { onDelete: 'cascade' }),
    ...columnsOf(dayOffFields, { from: 'from_date', to: 'to_date' }),
    version: version(),
  },
  (table) => [check('day_off_order', sql`${table.to} >= ${table.from}`)],
);
