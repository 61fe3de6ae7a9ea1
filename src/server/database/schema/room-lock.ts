import { bigint, mysqlTable } from 'drizzle-orm/mysql-core';
import { id } from './columns';

/**
 * Whose turn it is to write in a room. Every write counts it up, so that two of them meet here on one database server, and
 * at the certification of a cluster, where a row that is only read is locked on one node alone.
 */
export const roomLock = mysqlTable('room_lock', {
  name: id('name').primaryKey(),
  turns: bigint('turns', { mode: 'number' }).notNull().default(0),
});
