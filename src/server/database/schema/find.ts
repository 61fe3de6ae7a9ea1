import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** Damage found after stripping, with the hours it takes. */
export const find = mysqlTable(
  'find',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.finds, { part: 'part_key' }),
    version: version(),
  },
  (table) => [index('find_of_job').on(table.jobId), check('find_hours', sql`${table.hours} >= 0`)],
);
