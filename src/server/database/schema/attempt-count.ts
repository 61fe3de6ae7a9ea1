import { bigint, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';

/** How often something was tried; the columns are those of the rate limiter's package. */
export const attemptCount = mysqlTable('attempt_count', {
  key: varchar('key', { length: 255 }).primaryKey(),
  points: int('points').notNull().default(0),
  /** Milliseconds since 1970. */
  expire: bigint('expire', { mode: 'number', unsigned: true }),
});
