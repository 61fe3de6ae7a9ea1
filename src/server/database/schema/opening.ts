import { sql } from 'drizzle-orm';
import { check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, word } from './columns';
import { job } from './job';

/** An opening of a panel and how its edge is kept soft; metres. */
export const opening = mysqlTable(
  'opening',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key').notNull(),
    what: shortText('what'),
    lengthM: double('length_m').notNull(),
    method: word('method'),
    barrier: varchar('barrier', { length: 120 }).notNull(),
    exit: varchar('exit_path', { length: 120 }).notNull(),
    version: version(),
  },
  (table) => [
    index('opening_of_job').on(table.jobId),
    check('opening_method', sql`${table.method} in ('foam', 'back-taped', 'wrapped', 'sprayed-together')`),
    check('opening_length', sql`${table.lengthM} >= 0`),
  ],
);
