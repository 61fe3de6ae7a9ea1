import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { fittingChoices } from '../../../core/record/strip-down-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** A fitting of the strip-down list; minutes of a person. */
export const fitting = mysqlTable(
  'fitting',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.fittings, { part: 'part_key', condition: 'condition_text' }),
    version: version(),
  },
  (table) => [
    index('fitting_of_job').on(table.jobId),
    check(
      'fitting_minutes',
      sql`${table.removeMin} >= 0 and ${table.refitMin} >= 0 and ${table.maskMin} >= 0`,
    ),
    check('fitting_choice', isOneOf(table.choice, fittingChoices)),
  ],
);
