import { sql } from 'drizzle-orm';
import { check, mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { stepFactFields } from '../../../core/concepts/step-records';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** What was done of a step. Times in minutes since 1970-01-01 UTC; labour in person-minutes; materials in minor units. */
export const stepFact = mysqlTable(
  'step_fact',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(stepFactFields, { step: 'step_key', start: 'start_minute', end: 'end_minute' }),
    version: version(),
  },
  (table) => [
    unique('step_fact_of_job').on(table.jobId, table.step),
    check('step_fact_status', sql`${table.status} in ('done', 'running')`),
    check(
      'step_fact_end',
      sql`${table.status} = 'running' or (${table.end} is not null and ${table.end} >= ${table.start})`,
    ),
    check('step_fact_amounts', sql`${table.personMinutes} >= 0 and ${table.materialsMinor} >= 0`),
  ],
);
