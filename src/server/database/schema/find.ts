import { sql } from 'drizzle-orm';
import { check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, localDate, version } from './columns';
import { job } from './job';

/** Damage found after stripping, with the hours it takes. */
export const find = mysqlTable(
  'find',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key').notNull(),
    hours: double('hours').notNull(),
    what: varchar('what', { length: 200 }).notNull(),
    onDate: localDate('on_date'),
    version: version(),
  },
  (table) => [index('find_of_job').on(table.jobId), check('find_hours', sql`${table.hours} >= 0`)],
);
