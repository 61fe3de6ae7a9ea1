import { sql } from 'drizzle-orm';
import { check, double, mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { id, version } from './columns';
import { job } from './job';

/** A measured outside area, m², in place of the computed one. */
export const measuredPart = mysqlTable(
  'measured_part',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    partKey: id('part_key').notNull(),
    outsideM2: double('outside_m2').notNull(),
    version: version(),
  },
  (table) => [
    unique('measured_part_of_job').on(table.jobId, table.partKey),
    check('measured_part_area', sql`${table.outsideM2} > 0 and ${table.outsideM2} <= 1000`),
  ],
);
