import { sql } from 'drizzle-orm';
import { check, mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { stepEditFields } from '../../../core/concepts/step-records';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** What a manager changed of one step by hand, kept by the step's stable key; person-minutes. */
export const stepEdit = mysqlTable(
  'step_edit',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(stepEditFields, {
      step: 'step_key',
      after: 'after_step',
      startAt: 'start_at_minute',
    }),
    version: version(),
  },
  (table) => [
    unique('step_edit_of_job').on(table.jobId, table.step),
    check('step_edit_minutes', sql`${table.personMinutes} is null or ${table.personMinutes} >= 0`),
  ],
);
