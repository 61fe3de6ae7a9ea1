import { sql } from 'drizzle-orm';
import { check, int, mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { document, id, version, whole, word } from './columns';
import { job } from './job';

/** What was done of a step. Times in minutes since 1970-01-01 UTC; labour in person-minutes; materials in minor units. */
export const stepFact = mysqlTable(
  'step_fact',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    stepKey: id('step_key').notNull(),
    status: word('status'),
    startMinute: whole('start_minute'),
    endMinute: int('end_minute'),
    remainingMin: int('remaining_min'),
    personMinutes: whole('person_minutes'),
    materialsMinor: whole('materials_minor'),
    uses: document<string[]>('uses'),
    version: version(),
  },
  (table) => [
    unique('step_fact_of_job').on(table.jobId, table.stepKey),
    check('step_fact_status', sql`${table.status} in ('done', 'running')`),
    check(
      'step_fact_end',
      sql`${table.status} = 'running' or (${table.endMinute} is not null and ${table.endMinute} >= ${table.startMinute})`,
    ),
    check('step_fact_amounts', sql`${table.personMinutes} >= 0 and ${table.materialsMinor} >= 0`),
  ],
);
