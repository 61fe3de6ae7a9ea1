import { mysqlTable } from 'drizzle-orm/mysql-core';
import type { CoatSystem } from '../../../core/film';
import { document, id, version } from './columns';
import { shop } from './shop';

/** A coat system as the shop has it, its own or a changed one; the id is its key. */
export const coatSystem = mysqlTable('coat_system', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  entry: document<Omit<CoatSystem, 'key'>>('entry'),
  version: version(),
});
