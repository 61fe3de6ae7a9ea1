import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** The most that may be spent on, or drawn of, a kind of material. */
export const materialCap = mysqlTable(
  'material_cap',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.materialCaps, { product: 'product_code' }),
    version: version(),
  },
  (table) => [index('material_cap_of_job').on(table.jobId)],
);
