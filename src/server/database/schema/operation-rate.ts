import { sql } from 'drizzle-orm';
import { check, double, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, version } from './columns';
import { shop } from './shop';

/** The shop's own rate of an operation, person-minutes per unit of its basis; the id is the operation's code. */
export const operationRate = mysqlTable(
  'operation_rate',
  {
    id: id().primaryKey(),
    shopId: id('shop_id')
      .notNull()
      .references(() => shop.id, { onDelete: 'cascade' }),
    rate: double('rate').notNull(),
    version: version(),
  },
  (table) => [check('operation_rate_rate', sql`${table.rate} between 0 and 10000`)],
);
