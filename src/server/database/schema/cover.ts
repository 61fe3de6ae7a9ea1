import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { harms } from '../../../core/record/trade-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** Something that must be covered while a kind of work would harm it. */
export const cover = mysqlTable(
  'cover',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.covers, { cover: 'cover_with' }),
    version: version(),
  },
  (table) => [index('cover_of_job').on(table.jobId), check('cover_harm', isOneOf(table.harm, harms))],
);
