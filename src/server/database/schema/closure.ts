import { mysqlTable } from 'drizzle-orm/mysql-core';
import { closureFields } from '../../../core/concepts/shop';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { shop } from './shop';

/** A local day on which the shop is closed. */
export const closure = mysqlTable('closure', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  ...columnsOf(closureFields, { date: 'on_date' }),
  version: version(),
});
