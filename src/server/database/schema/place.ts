import { sql } from 'drizzle-orm';
import { boolean, check, double, json, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { DayAir, MonthAir, Place, PlaceClosure } from '../../../core/shop';
import { id, metres, shortText, version, whole, word } from './columns';
import { shop } from './shop';

/** A booth, bay, bench or yard; metres, and the air during work in °C. */
export const place = mysqlTable(
  'place',
  {
    id: id().primaryKey(),
    shopId: id('shop_id')
      .notNull()
      .references(() => shop.id, { onDelete: 'cascade' }),
    name: shortText('name'),
    kind: word('kind'),
    lengthM: metres('length_m'),
    widthM: metres('width_m'),
    heightM: metres('height_m'),
    airC: double('air_c').notNull(),
    profile: json('profile').$type<MonthAir[] | null>(),
    forecast: json('forecast').$type<DayAir[] | null>(),
    zone: varchar('zone', { length: 32 }),
    airWith: json('air_with').$type<string[] | null>(),
    outdoors: boolean('outdoors').notNull().default(false),
    closed: json('closed').$type<PlaceClosure[] | null>(),
    rented: json('rented').$type<Place['rented']>(),
    position: whole('position'),
    version: version(),
  },
  (table) => [
    check('place_kind', sql`${table.kind} in ('booth', 'bay', 'wash', 'bench', 'yard')`),
    check('place_size', sql`${table.lengthM} > 0 and ${table.widthM} > 0 and ${table.heightM} > 0`),
  ],
);
