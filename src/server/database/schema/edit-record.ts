import { boolean, index, int, mysqlTable } from 'drizzle-orm/mysql-core';
import type { Inverse } from '../../repositories/row-change';
import { document, id, shortText, whole } from './columns';

/** One edit of one person in one job (or in the shop): its inverse, with the row versions it left behind. */
export const editRecord = mysqlTable(
  'edit_record',
  {
    id: int('id').autoincrement().primaryKey(),
    /** Number of the job, or `shop`; no foreign key, because the shop has edits too. */
    room: id('room').notNull(),
    author: id('author').notNull(),
    label: shortText('label'),
    inverse: document<Inverse[]>('inverse'),
    atMinute: whole('at_minute'),
    undone: boolean('undone').notNull().default(false),
  },
  (table) => [index('edit_record_last').on(table.room, table.author, table.id)],
);
