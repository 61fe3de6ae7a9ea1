import { sql } from 'drizzle-orm';
import { boolean, check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, word } from './columns';
import { job } from './job';

/** A hole of the register, measured in mm from the left and top edge of its part. */
export const hole = mysqlTable(
  'hole',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key').notNull(),
    diameterMm: double('diameter_mm').notNull(),
    fromLeftMm: double('from_left_mm').notNull(),
    fromTopMm: double('from_top_mm').notNull(),
    action: word('action'),
    sealant: shortText('sealant'),
    done: boolean('done').notNull(),
    note: varchar('note', { length: 200 }).notNull(),
    version: version(),
  },
  (table) => [
    index('hole_of_job').on(table.jobId),
    check('hole_action', sql`${table.action} in ('fill', 'keep', 'reopen')`),
    check('hole_size', sql`${table.diameterMm} > 0`),
  ],
);
