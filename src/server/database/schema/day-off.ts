import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, localDate, shortText, version } from './columns';
import { person } from './person';

/** Days away, both ends included. */
export const dayOff = mysqlTable(
  'day_off',
  {
    id: id().primaryKey(),
    personId: id('person_id')
      .notNull()
      .references(() => person.id, { onDelete: 'cascade' }),
    fromDate: localDate('from_date'),
    toDate: localDate('to_date'),
    reason: shortText('reason'),
    version: version(),
  },
  (table) => [check('day_off_order', sql`${table.toDate} >= ${table.fromDate}`)],
);
