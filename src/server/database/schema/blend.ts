import { sql } from 'drizzle-orm';
import { check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, version, word } from './columns';
import { job } from './job';

/** Where new film runs out into old: line, material, width in mm, and in which coat. */
export const blend = mysqlTable(
  'blend',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key').notNull(),
    line: varchar('line', { length: 120 }).notNull(),
    material: varchar('material', { length: 120 }).notNull(),
    widthMm: double('width_mm').notNull(),
    timing: word('timing'),
    version: version(),
  },
  (table) => [
    index('blend_of_job').on(table.jobId),
    check('blend_timing', sql`${table.timing} in ('colour', 'clear')`),
  ],
);
