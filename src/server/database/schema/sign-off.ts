import { mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { id, localDate, shortText, version } from './columns';
import { job } from './job';

/** A typed release of a hold point: a record, not an authority. */
export const signOff = mysqlTable(
  'sign_off',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    stepKey: id('step_key').notNull(),
    name: shortText('name'),
    licence: shortText('licence'),
    onDate: localDate('on_date'),
    version: version(),
  },
  (table) => [unique('sign_off_of_job').on(table.jobId, table.stepKey)],
);
