import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { stockMoveFields } from '../../../core/concepts/stock';
import { moveKinds } from '../../../core/record/stock-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { isOneOf } from './one-of';

/** What happened to stock, in the product's unit; rows are corrected by counter-entries, never changed. Money minor. */
export const stockMove = mysqlTable(
  'stock_move',
  {
    id: id().primaryKey(),
    ...columnsOf(stockMoveFields, { job: 'job_number' }),
    version: version(),
  },
  (table) => [
    index('stock_move_of_product').on(table.product),
    check('stock_move_kind', isOneOf(table.kind, moveKinds)),
    check('stock_move_amount', sql`${table.kind} = 'counted' or ${table.amount} >= 0`),
    check('stock_move_cost', sql`${table.costMinor} >= 0`),
  ],
);
