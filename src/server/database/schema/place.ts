import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { placeFields } from '../../../core/concepts/shop';
import { placeKinds } from '../../../core/shop/shop-words';
import { id, version, whole } from './columns';
import { columnsOf } from './columns-of';
import { isOneOf } from './one-of';
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
    check('place_kind', isOneOf(table.kind, placeKinds)),
    check('place_size', sql`${table.lengthM} > 0 and ${table.widthM} > 0 and ${table.heightM} > 0`),
  ],
);
