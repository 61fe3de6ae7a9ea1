import { mysqlTable } from 'drizzle-orm/mysql-core';
import type { Operation } from '../../../core/steps';
import { document, id, version } from './columns';
import { shop } from './shop';

/** An entry of the operation catalogue as the shop has it, its own or a changed one; the id is its code. */
export const operation = mysqlTable('operation', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  entry: document<Omit<Operation, 'code'>>('entry'),
  version: version(),
});
