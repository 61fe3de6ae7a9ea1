import { bigint, boolean, char, check, mysqlTable, uniqueIndex, varchar } from 'drizzle-orm/mysql-core';
import { tabletRoles } from '../../../core/rights/roles';
import { id, shortText, version, word } from './columns';
import { isOneOf } from './one-of';

/** A tablet of the shop at its place, with rights of its own. Times in seconds since 1970. */
export const tablet = mysqlTable(
  'tablet',
  {
    id: id().primaryKey(),
    name: shortText('name'),
    /** The place it hangs at; null for none. */
    placeId: varchar('place_id', { length: 160 }),
    role: word('role').$type<(typeof tabletRoles)[number]>(),
    /** Of the pairing code while it waits for its tablet, of the tablet's token since. */
    secretSha256: char('secret_sha256', { length: 64 }).notNull(),
    /** Until when the pairing code is taken; 0 once it is paired. */
    codeEndsAt: bigint('code_ends_at', { mode: 'number' }).notNull(),
    pairedAt: bigint('paired_at', { mode: 'number' }),
    ended: boolean('ended').notNull().default(false),
    version: version(),
  },
  (table) => [
    uniqueIndex('tablet_secret').on(table.secretSha256),
    check('tablet_role', isOneOf(table.role, tabletRoles)),
  ],
);
