import { bigint, int, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, shortText } from './columns';

/** A process that serves this database, and when it last said so. Times in seconds since 1970, by the database's clock. */
export const instance = mysqlTable('instance', {
  id: id().primaryKey(),
  bound: shortText('bound'),
  pid: int('pid').notNull(),
  startedAt: bigint('started_at', { mode: 'number' }).notNull(),
  seenAt: bigint('seen_at', { mode: 'number' }).notNull(),
});
