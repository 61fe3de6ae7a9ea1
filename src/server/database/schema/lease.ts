import { bigint, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, word } from './columns';

/**
 * Work that one process does for all, such as the backup of a day. Whoever holds it says so again and again; what nobody
 * says any more is taken over. Times in seconds since 1970, by the database's own clock.
 */
export const lease = mysqlTable('lease', {
  name: word('name').primaryKey(),
  holder: id('holder').notNull(),
  until: bigint('until_s', { mode: 'number' }).notNull(),
  /** When the work was last done to its end. */
  doneAt: bigint('done_at', { mode: 'number' }).notNull().default(0),
});
