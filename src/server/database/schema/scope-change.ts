import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { scopeChangeFields } from '../../../core/concepts/step-records';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** Growth of a job's scope: hours, money in minor units, days, and who agreed on which day. */
export const scopeChange = mysqlTable(
  'scope_change',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(scopeChangeFields),
    version: version(),
  },
  (table) => [index('scope_change_of_job').on(table.jobId)],
);
