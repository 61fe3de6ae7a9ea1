import { sql } from 'drizzle-orm';
import { check, double, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, version } from './columns';
import { shop } from './shop';

/** A factor on an operation's rate that the log taught and the manager accepted; the id is the operation's code. */
export const learnedFactor = mysqlTable(
  'learned_factor',
  {
    id: id().primaryKey(),
    shopId: id('shop_id')
      .notNull()
      .references(() => shop.id, { onDelete: 'cascade' }),
    factor: double('factor').notNull(),
    version: version(),
  },
  (table) => [check('learned_factor_factor', sql`${table.factor} between 0.1 and 10`)],
);
