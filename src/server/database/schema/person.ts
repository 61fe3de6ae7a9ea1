import { double, json, mysqlTable } from 'drizzle-orm/mysql-core';
import type { Shift, Skill } from '../../../core/shop';
import { document, id, shortText, version, whole } from './columns';
import { shop } from './shop';

export const person = mysqlTable('person', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  name: shortText('name'),
  skills: document<Skill[]>('skills'),
  pace: double('pace').notNull().default(1),
  /** Hours of one's own by weekday; null works when the shop does. */
  hours: json('hours').$type<Shift[] | null>(),
  position: whole('position'),
  version: version(),
});
