import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** Something that the owner decides, with what each way costs. */
export const decision = mysqlTable(
  'decision',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.decisions, { part: 'part_key', find: 'find_id', gate: 'gate_id' }),
    version: version(),
  },
  (table) => [index('decision_of_job').on(table.jobId)],
);
