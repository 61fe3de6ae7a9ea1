import { mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { signOffFields } from '../../../core/concepts/step-records';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A typed release of a hold point: a record, not an authority. */
export const signOff = mysqlTable(
  'sign_off',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(signOffFields, { step: 'step_key', date: 'on_date' }),
    version: version(),
  },
  (table) => [unique('sign_off_of_job').on(table.jobId, table.step)],
);
