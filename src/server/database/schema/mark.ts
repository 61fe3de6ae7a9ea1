import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { markFields } from '../../../core/concepts/findings';
import { markKinds } from '../../../core/record/survey-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** A condition mark on a panel: where on the net (m), how large and how deep (mm). */
export const mark = mysqlTable(
  'mark',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(markFields, { part: 'part_key' }),
    version: version(),
  },
  (table) => [
    index('mark_of_job').on(table.jobId),
    check('mark_kind', isOneOf(table.kind, markKinds)),
    check('mark_size', sql`${table.sizeMm} >= 0 and (${table.depthMm} is null or ${table.depthMm} >= 0)`),
  ],
);
