import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A flaw of finished film that is mended. */
export const repair = mysqlTable(
  'repair',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.repairs, { part: 'part_key' }),
    version: version(),
  },
  (table) => [index('repair_of_job').on(table.jobId)],
);
