import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { shiftFields } from '../../../core/concepts/shop';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { shop } from './shop';

/** Opening hours of a weekday, ISO 1–7, minutes of the day by the wall clock. */
export const shift = mysqlTable(
  'shift',
  {
    id: id().primaryKey(),
    shopId: id('shop_id')
      .notNull()
      .references(() => shop.id, { onDelete: 'cascade' }),
    ...columnsOf(shiftFields),
    version: version(),
  },
  (table) => [
    check('shift_weekday', sql`${table.weekday} between 1 and 7`),
    check(
      'shift_order',
      sql`${table.startMin} >= 0 and ${table.endMin} > ${table.startMin} and ${table.endMin} <= 1440`,
    ),
  ],
);
