import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** Where new film runs out into old: line, material, width in mm, and in which coat. */
export const blend = mysqlTable(
  'blend',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.blends, { part: 'part_key' }),
    version: version(),
  },
  (table) => [
    index('blend_of_job').on(table.jobId),
    check('blend_timing', sql`${table.timing} in ('colour', 'clear')`),
  ],
);
