import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { trialFields } from '../../../core/concepts/stock';
import { id, version } from './columns';
import { columnsOf } from './columns-of';

/** A consumable tried on a measured area: price of one in minor units, how many went, m² and minutes. */
export const trial = mysqlTable(
  'trial',
  {
    id: id().primaryKey(),
    ...columnsOf(trialFields),
    version: version(),
  },
  (table) => [
    check('trial_figures', sql`${table.areaM2} > 0 and ${table.used} >= 0 and ${table.minutes} >= 0`),
  ],
);
