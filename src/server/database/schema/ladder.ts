import { mysqlTable } from 'drizzle-orm/mysql-core';
import type { Ladder } from '../../../core/film';
import { document, id, version } from './columns';
import { shop } from './shop';

/** A sanding ladder as the shop has it, its own or a changed one; the id is its key. */
export const ladder = mysqlTable('ladder', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  entry: document<Omit<Ladder, 'key'>>('entry'),
  version: version(),
});
