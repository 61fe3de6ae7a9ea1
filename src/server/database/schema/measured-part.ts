import { sql } from 'drizzle-orm';
import { check, mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { measuredPartFields } from '../../../core/concepts/step-records';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';

/** A measured outside area, m², in place of the computed one. */
export const measuredPart = mysqlTable(
  'measured_part',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(measuredPartFields, { key: 'part_key' }),
    version: version(),
  },
  (table) => [
    unique('measured_part_of_job').on(table.jobId, table.key),
    check('measured_part_area', sql`${table.outsideM2} > 0 and ${table.outsideM2} <= 1000`),
  ],
);
