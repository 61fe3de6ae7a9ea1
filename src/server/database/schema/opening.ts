import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { openingMethods } from '../../../core/record/trade-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** An opening of a panel and how its edge is kept soft; metres. */
export const opening = mysqlTable(
  'opening',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.openings, { part: 'part_key', exit: 'exit_path' }),
    version: version(),
  },
  (table) => [
    index('opening_of_job').on(table.jobId),
    check('opening_method', isOneOf(table.method, openingMethods)),
    check('opening_length', sql`${table.lengthM} >= 0`),
  ],
);
