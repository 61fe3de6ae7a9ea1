import { sql } from 'drizzle-orm';
import { check, index, int, json, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { LoggedCoat } from '../../../core/record';
import { document, id, version, whole, word } from './columns';
import { job } from './job';

/** What was written down at the work; minutes since 1970-01-01 UTC. Rows are corrected by counter-entries, never changed. */
export const logEntry = mysqlTable(
  'log_entry',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    position: whole('position'),
    stepKey: id('step_key').notNull(),
    kind: word('kind'),
    atMinute: whole('at_minute'),
    people: document<string[]>('people'),
    parts: document<string[]>('parts'),
    remainingMin: int('remaining_min'),
    redo: varchar('redo', { length: 80 }).notNull(),
    coat: json('coat').$type<LoggedCoat | null>(),
    note: varchar('note', { length: 200 }).notNull(),
    corrects: id('corrects'),
    version: version(),
  },
  (table) => [
    index('log_entry_of_job').on(table.jobId, table.atMinute),
    check(
      'log_entry_kind',
      sql`${table.kind} in ('began', 'left', 'ended', 'coat', 'wiped', 'touched', 'sealed', 'inspected', 'note')`,
    ),
    check('log_entry_left', sql`${table.remainingMin} is null or ${table.remainingMin} >= 0`),
  ],
);
