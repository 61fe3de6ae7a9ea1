import { sql } from 'drizzle-orm';
import { boolean, check, int, mysqlTable, unique, varchar } from 'drizzle-orm/mysql-core';
import { id, version } from './columns';
import { job } from './job';

/** What a manager changed of one step by hand, kept by the step's stable key; person-minutes. */
export const stepEdit = mysqlTable(
  'step_edit',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    stepKey: id('step_key').notNull(),
    personMinutes: int('person_minutes'),
    skipped: boolean('skipped').notNull(),
    afterStep: id('after_step'),
    override: boolean('override').notNull().default(false),
    person: id('person'),
    startAt: int('start_at_minute'),
    note: varchar('note', { length: 200 }).notNull(),
    version: version(),
  },
  (table) => [
    unique('step_edit_of_job').on(table.jobId, table.stepKey),
    check('step_edit_minutes', sql`${table.personMinutes} is null or ${table.personMinutes} >= 0`),
  ],
);
