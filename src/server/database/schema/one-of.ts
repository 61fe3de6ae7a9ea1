import { sql, type SQL } from 'drizzle-orm';
import type { AnyMySqlColumn } from 'drizzle-orm/mysql-core';

/** A column holds one of the words of its concept, and the database says so too: the words stand in one place. */
export const isOneOf = (column: AnyMySqlColumn, words: readonly string[]): SQL =>
  sql`${column} in (${sql.raw(words.map((word) => `'${word}'`).join(', '))})`;
