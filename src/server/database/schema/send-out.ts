import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { tiedPhases } from '../../../core/record/trade-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** Work done by somebody outside: what went where, when it is due and how it came back. */
export const sendOut = mysqlTable(
  'send_out',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.sendOuts, { part: 'part_key', condition: 'condition_text' }),
    version: version(),
  },
  (table) => [
    index('send_out_of_job').on(table.jobId),
    check('send_out_phase', isOneOf(table.phase, tiedPhases)),
  ],
);
