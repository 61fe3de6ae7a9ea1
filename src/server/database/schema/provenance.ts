import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** What is known of where the object and its pieces come from. */
export const provenance = mysqlTable(
  'provenance',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.provenance, { part: 'part_key' }),
    version: version(),
  },
  (table) => [index('provenance_of_job').on(table.jobId)],
);
