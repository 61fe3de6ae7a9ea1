import { boolean, check, mysqlTable, uniqueIndex, varchar } from 'drizzle-orm/mysql-core';
import { accountRoles } from '../../../core/rights/roles';
import { id, shortText, version, word } from './columns';
import { isOneOf } from './one-of';

/** Somebody who signs in. What they sign in with lies apart, so that it is in no audit record. */
export const account = mysqlTable(
  'account',
  {
    id: id().primaryKey(),
    name: shortText('name'),
    /** What is typed to sign in, in small letters. */
    signIn: varchar('sign_in', { length: 60 }).notNull(),
    role: word('role').$type<(typeof accountRoles)[number]>(),
    /** Who of the shop's people it is; null for none. No foreign key: a person may leave and the account stay in the record. */
    personId: varchar('person_id', { length: 160 }),
    /** Reference of a licensed engineer's licence; empty for others. */
    licence: varchar('licence', { length: 60 }).notNull().default(''),
    /** Ended accounts stay, so that what they wrote keeps its name. */
    ended: boolean('ended').notNull().default(false),
    /** Came with the demo scenario. */
    isDemo: boolean('is_demo').notNull().default(false),
    version: version(),
  },
  (table) => [
    uniqueIndex('account_sign_in').on(table.signIn),
    check('account_role', isOneOf(table.role, accountRoles)),
  ],
);
