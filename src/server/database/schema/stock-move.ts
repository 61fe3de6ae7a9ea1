import { sql } from 'drizzle-orm';
import { bigint, char, check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, localDate, version, word } from './columns';

/** What happened to stock, in the product's unit; rows are corrected by counter-entries, never changed. Money minor. */
export const stockMove = mysqlTable(
  'stock_move',
  {
    id: id().primaryKey(),
    product: id('product').notNull(),
    kind: word('kind'),
    amount: double('amount').notNull(),
    costMinor: bigint('cost_minor', { mode: 'number' }).notNull(),
    onDate: localDate('on_date'),
    untilDate: char('until_date', { length: 10 }),
    job: word('job_number'),
    phase: word('phase'),
    batch: varchar('batch', { length: 60 }).notNull(),
    note: varchar('note', { length: 200 }).notNull(),
    corrects: id('corrects'),
    version: version(),
  },
  (table) => [
    index('stock_move_of_product').on(table.product),
    check(
      'stock_move_kind',
      sql`${table.kind} in ('ordered', 'received', 'drawn', 'counted', 'borrowed', 'given-back', 'lent', 'got-back', 'scrapped')`,
    ),
    check('stock_move_amount', sql`${table.kind} = 'counted' or ${table.amount} >= 0`),
    check('stock_move_cost', sql`${table.costMinor} >= 0`),
  ],
);
