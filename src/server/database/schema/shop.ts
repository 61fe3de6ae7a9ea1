import { sql } from 'drizzle-orm';
import { check, double, json, mysqlTable } from 'drizzle-orm/mysql-core';
import type { LoudHours, Site } from '../../../core/shop';
import { id, shortText, version, whole, word } from './columns';

/** The one shop of this copy. Money in minor units an hour, tax in basis points. */
export const shop = mysqlTable(
  'shop',
  {
    id: id().primaryKey(),
    name: shortText('name'),
    timeZone: shortText('time_zone'),
    currency: word('currency'),
    labourRateMinorPerHour: whole('labour_rate_minor_per_hour'),
    boothRateMinorPerHour: whole('booth_rate_minor_per_hour'),
    taxBp: whole('tax_bp'),
    vocLimitGL: double('voc_limit_g_l'),
    keepForMin: whole('keep_for_min').default(240),
    loudHours: json('loud_hours').$type<LoudHours | null>(),
    site: json('site').$type<Site | null>(),
    version: version(),
  },
  (table) => [
    check('shop_rates', sql`${table.labourRateMinorPerHour} >= 0 and ${table.boothRateMinorPerHour} >= 0`),
    check('shop_keep', sql`${table.keepForMin} between 0 and 14400`),
    check('shop_tax', sql`${table.taxBp} between 0 and 10000`),
  ],
);
