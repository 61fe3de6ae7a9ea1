import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { logEntryFields } from '../../../core/concepts/log-entry';
import { logKinds } from '../../../core/record/log-words';
import { id, version, whole } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** What was written down at the work; minutes since 1970-01-01 UTC. Rows are corrected by counter-entries, never changed. */
export const logEntry = mysqlTable(
  'log_entry',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(logEntryFields, { step: 'step_key', at: 'at_minute' }),
    position: whole('position'),
    version: version(),
  },
  (table) => [
    index('log_entry_of_job').on(table.jobId, table.at),
    check('log_entry_kind', isOneOf(table.kind, logKinds)),
    check('log_entry_left', sql`${table.remainingMin} is null or ${table.remainingMin} >= 0`),
  ],
);
