import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

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
    check(
      'send_out_phase',
      sql`${table.phase} in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit')`,
    ),
  ],
);
