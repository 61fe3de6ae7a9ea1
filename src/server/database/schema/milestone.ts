import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { tiedPhases } from '../../../core/record/trade-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** Where another trade meets the paint: before a stretch of our work, or after it. */
export const milestone = mysqlTable(
  'milestone',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.milestones),
    version: version(),
  },
  (table) => [
    index('milestone_of_job').on(table.jobId),
    check('milestone_tie', sql`${table.tie} in ('before', 'after')`),
    check('milestone_phase', isOneOf(table.phase, tiedPhases)),
  ],
);
