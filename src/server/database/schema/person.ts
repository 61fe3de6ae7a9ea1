import { mysqlTable } from 'drizzle-orm/mysql-core';
import { personFields } from '../../../core/concepts/shop';
import { id, version, whole } from './columns';
import { columnsOf } from './columns-of';
import { shop } from './shop';

export const person = mysqlTable('person', {
  id: id().primaryKey(),
  shopId: id('shop_id')
    .notNull()
    .references(() => shop.id, { onDelete: 'cascade' }),
  ...columnsOf(personFields),
  position: whole('position'),
  version: version(),
});
