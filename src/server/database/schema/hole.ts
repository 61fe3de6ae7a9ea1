import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { holeActions } from '../../../core/record/strip-down-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** A hole of the register, measured in mm from the left and top edge of its part. */
export const hole = mysqlTable(
  'hole',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.holes, { part: 'part_key' }),
    version: version(),
  },
  (table) => [
    index('hole_of_job').on(table.jobId),
    check('hole_action', isOneOf(table.action, holeActions)),
    check('hole_size', sql`${table.diameterMm} > 0`),
  ],
);
