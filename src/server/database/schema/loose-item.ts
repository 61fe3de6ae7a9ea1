import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** What is seen of a finished object and is no panel of it. */
export const looseItem = mysqlTable(
  'loose_item',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.looseItems, { colour: 'colour_key' }),
    version: version(),
  },
  (table) => [index('loose_item_of_job').on(table.jobId)],
);
