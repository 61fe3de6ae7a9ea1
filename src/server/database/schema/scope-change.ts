import { bigint, double, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, localDate, version } from './columns';
import { job } from './job';

/** Growth of a job's scope: hours, money in minor units, days, and who agreed on which day. */
export const scopeChange = mysqlTable(
  'scope_change',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    what: varchar('what', { length: 200 }).notNull(),
    hours: double('hours').notNull(),
    moneyMinor: bigint('money_minor', { mode: 'number' }).notNull(),
    days: int('days').notNull(),
    agreedBy: varchar('agreed_by', { length: 80 }).notNull(),
    onDate: localDate('on_date'),
    version: version(),
  },
  (table) => [index('scope_change_of_job').on(table.jobId)],
);
