import { bigint, mysqlTable, primaryKey, text } from 'drizzle-orm/mysql-core';
import { account } from './account';
import { id, word } from './columns';

/** What an account signs in with: hashes, and the sealed key of a second factor. Never in the audit record. */
export const credential = mysqlTable(
  'credential',
  {
    accountId: id('account_id')
      .notNull()
      .references(() => account.id, { onDelete: 'cascade' }),
    kind: word('kind').$type<CredentialKind>(),
    secret: text('secret').notNull(),
    /** Seconds since 1970. */
    changedAt: bigint('changed_at', { mode: 'number' }).notNull(),
    /** The last step of a second factor that was used; the same code opens nothing twice. */
    lastStep: bigint('last_step', { mode: 'number' }).notNull().default(0),
  },
  (table) => [primaryKey({ columns: [table.accountId, table.kind] })],
);

export type CredentialKind = 'password' | 'badge' | 'totp' | 'totp-asked' | 'recovery';
