import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A colour of a job, used by its sections, fields and bands. */
export const colour = mysqlTable(
  'colour',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.colours, { system: 'system_key' }),
    version: version(),
  },
  (table) => [
    index('colour_of_job').on(table.jobId),
    check(
      'colour_finish',
      sql`${table.finish} in ('dense-solid', 'weak-solid', 'metallic', 'pearl', 'candy', 'flake', 'texture', 'leaf')`,
    ),
    check('colour_repeatability', sql`${table.repeatability} in ('standard', 'recipe', 'one-off')`),
  ],
);
