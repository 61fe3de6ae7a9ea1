import { bigint, boolean, char, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { account } from './account';
import { id, word } from './columns';
import { tablet } from './tablet';

/** Somebody who is signed in, on one device. What is kept is the hash of its token. Times in seconds since 1970. */
export const session = mysqlTable(
  'session',
  {
    tokenSha256: char('token_sha256', { length: 64 }).primaryKey(),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id, { onDelete: 'cascade' }),
    /** The tablet on which a badge was tapped; null for a session of one's own. */
    tabletId: varchar('tablet_id', { length: 160 }).references(() => tablet.id, { onDelete: 'cascade' }),
    how: word('how').$type<'password' | 'badge' | 'link' | 'demo'>(),
    /** The password was right, the second factor is still asked. */
    isHalf: boolean('is_half').notNull().default(false),
    startedAt: bigint('started_at', { mode: 'number' }).notNull(),
    seenAt: bigint('seen_at', { mode: 'number' }).notNull(),
    endsAt: bigint('ends_at', { mode: 'number' }).notNull(),
    /** The browser and its machine, as they call themselves. */
    agent: varchar('agent', { length: 120 }).notNull(),
  },
  (table) => [index('session_of_account').on(table.accountId), index('session_ends').on(table.endsAt)],
);
