import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { productFields } from '../../../core/concepts/product';
import { id, version, whole } from './columns';
import { columnsOf } from './columns-of';

/** A product of the shelf; the id is its code. Sheet times in minutes at the sheet's °C, film in µm, prices minor. */
export const product = mysqlTable(
  'product',
  {
    id: id().primaryKey(),
    ...columnsOf(productFields),
    position: whole('position'),
    version: version(),
  },
  (table) => [check('product_lead', sql`${table.leadDays} between 0 and 365`)],
);
