import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { placeFields } from '../../../core/concepts/shop';
import { id, version, whole } from './columns';
import { columnsOf } from './columns-of';
import { shop } from './shop';

/** A booth, bay, bench or yard; metres, and the air during work in °C. */
export const place = mysqlTable(
  'place',
  {
    id: id().primaryKey(),
    shopId: id('shop_id')
      .notNull()
      .references(() => shop.id, { onDelete: 'cascade' }),
    ...columnsOf(placeFields),
    position: whole('position'),
    version: version(),
  },
  (table) => [
    check('place_kind', sql`${table.kind} in ('booth', 'bay', 'wash', 'bench', 'yard')`),
    check('place_size', sql`${table.lengthM} > 0 and ${table.widthM} > 0 and ${table.heightM} > 0`),
  ],
);
