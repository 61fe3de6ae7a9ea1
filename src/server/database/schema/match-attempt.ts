import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A try at matching a colour to paint that stays. */
export const matchAttempt = mysqlTable(
  'match_attempt',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.matchAttempts, { colour: 'colour_key' }),
    version: version(),
  },
  (table) => [index('match_attempt_of_job').on(table.jobId)],
);
