import { bigint, char, mysqlTable } from 'drizzle-orm/mysql-core';
import { account } from './account';
import { id } from './columns';

/** A link that lets somebody set a password, once. What is kept is the hash of it. */
export const oneTimeLink = mysqlTable('one_time_link', {
  tokenSha256: char('token_sha256', { length: 64 }).primaryKey(),
  accountId: id('account_id')
    .notNull()
    .references(() => account.id, { onDelete: 'cascade' }),
  /** Seconds since 1970. */
  endsAt: bigint('ends_at', { mode: 'number' }).notNull(),
});
