import { sql } from 'drizzle-orm';
import { check, int, json, mysqlTable } from 'drizzle-orm/mysql-core';
import type { CoatingSheet, Hazard, Pack } from '../../../core/film';
import { document, id, shortText, version, whole, word } from './columns';

/** A product of the shelf; the id is its code. Sheet times in minutes at the sheet's °C, film in µm, prices minor. */
export const product = mysqlTable(
  'product',
  {
    id: id().primaryKey(),
    name: shortText('name'),
    kind: word('kind'),
    unit: word('unit'),
    leadDays: whole('lead_days'),
    shelfLifeDays: int('shelf_life_days'),
    hazards: document<Hazard[]>('hazards'),
    packs: document<Pack[]>('packs'),
    coating: json('coating').$type<CoatingSheet | null>(),
    position: whole('position'),
    version: version(),
  },
  (table) => [check('product_lead', sql`${table.leadDays} between 0 and 365`)],
);
