import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A sample of a colour as it was shown. */
export const sample = mysqlTable(
  'sample',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.samples, { colour: 'colour_key' }),
    version: version(),
  },
  (table) => [index('sample_of_job').on(table.jobId)],
);
