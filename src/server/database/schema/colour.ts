import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { finishClasses, repeatabilities } from '../../../core/record/colour-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

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
    check('colour_finish', isOneOf(table.finish, finishClasses)),
    check('colour_repeatability', isOneOf(table.repeatability, repeatabilities)),
  ],
);
