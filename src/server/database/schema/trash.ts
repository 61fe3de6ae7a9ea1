import { bigint, index, longtext, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, shortText, version } from './columns';

/** A job that was put away, with all its rows as they stood; after thirty days it is gone. Times in seconds since 1970. */
export const trash = mysqlTable(
  'trash',
  {
    id: id().primaryKey(),
    job: id('job').notNull(),
    label: shortText('label'),
    author: id('author').notNull(),
    putAt: bigint('put_at', { mode: 'number' }).notNull(),
    endsAt: bigint('ends_at', { mode: 'number' }).notNull(),
    /** Rows by table, as JSON. */
    content: longtext('content').notNull(),
    version: version(),
  },
  (table) => [index('trash_ends').on(table.endsAt)],
);
