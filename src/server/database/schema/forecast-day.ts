import { sql } from 'drizzle-orm';
import { check, double, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import { id, localDate, whole } from './columns';
import { job } from './job';

/** What was forecast of a job on a day; the last of each day stands, so that it can be seen how the forecast moved. */
export const forecastDay = mysqlTable(
  'forecast_day',
  {
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    onDate: localDate('on_date'),
    promised: localDate('promised'),
    /** Day on which the working plan ended. */
    planned: localDate('planned'),
    p50: localDate('p50'),
    p80: localDate('p80'),
    /** Share of the draws that kept the promise. */
    kept: double('kept').notNull(),
    plannedLabourMin: whole('planned_labour_min'),
    p50LabourMin: whole('p50_labour_min'),
    p80LabourMin: whole('p80_labour_min'),
  },
  (table) => [
    primaryKey({ columns: [table.jobId, table.onDate] }),
    check('forecast_kept', sql`${table.kept} between 0 and 1`),
  ],
);
