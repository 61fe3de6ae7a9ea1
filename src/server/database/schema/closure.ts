import { mysqlTable } from 'drizzle-orm/mysql-core';
import { id, localDate, shortText, version } from './columns';
import { shop } from './shop';

/** A local day on which the shop is closed. */
export const closure = mysqlTable('closure', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  onDate: localDate('on_date'),
  reason: shortText('reason'),
  version: version(),
});
