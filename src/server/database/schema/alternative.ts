import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** Another scheme of a job, kept beside the one that is planned. */
export const alternative = mysqlTable(
  'alternative',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.alternatives, { ifUnmatched: 'if_unmatched_colour_key' }),
    version: version(),
  },
  (table) => [index('alternative_of_job').on(table.jobId)],
);
