import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { shopFields } from '../../../core/concepts/shop';
import { id, version } from './columns';
import { columnsOf } from './columns-of';

/** The one shop of this copy. Money in minor units an hour, tax in basis points. */
export const shop = mysqlTable(
  'shop',
  {
    id: id().primaryKey(),
    ...columnsOf(shopFields),
    version: version(),
  },
  (table) => [
    check('shop_rates', sql`${table.labourRateMinorPerHour} >= 0 and ${table.boothRateMinorPerHour} >= 0`),
    check('shop_keep', sql`${table.keepForMin} between 0 and 14400`),
    check('shop_tax', sql`${table.taxBp} between 0 and 10000`),
  ],
);
