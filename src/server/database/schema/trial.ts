import { sql } from 'drizzle-orm';
import { bigint, check, double, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version } from './columns';

/** A consumable tried on a measured area: price of one in minor units, how many went, m² and minutes. */
export const trial = mysqlTable(
  'trial',
  {
    id: id().primaryKey(),
    purpose: shortText('purpose'),
    name: shortText('name'),
    priceMinorEach: bigint('price_minor_each', { mode: 'number' }).notNull(),
    used: double('used').notNull(),
    areaM2: double('area_m2').notNull(),
    minutes: double('minutes').notNull(),
    note: varchar('note', { length: 200 }).notNull(),
    version: version(),
  },
  (table) => [
    check('trial_figures', sql`${table.areaM2} > 0 and ${table.used} >= 0 and ${table.minutes} >= 0`),
  ],
);
