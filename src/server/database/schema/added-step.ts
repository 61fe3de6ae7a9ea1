import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { addedStepFields } from '../../../core/concepts/step-records';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A step the manager put in by hand, between two others by their keys; person-minutes. */
export const addedStep = mysqlTable(
  'added_step',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(addedStepFields, { section: 'section_key', after: 'after_step', before: 'before_step' }),
    version: version(),
  },
  (table) => [check('added_step_minutes', sql`${table.personMinutes} >= 0`)],
);
