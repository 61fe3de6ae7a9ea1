import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A line, field, band, set of stripes or box of a job's scheme. */
export const construction = mysqlTable(
  'construction',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.constructions, { colour: 'colour_key', strip: 'strip_key' }),
    version: version(),
  },
  (table) => [index('construction_of_job').on(table.jobId)],
);
