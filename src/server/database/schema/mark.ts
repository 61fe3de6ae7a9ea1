import { sql } from 'drizzle-orm';
import { boolean, check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, metres, version, whole, word } from './columns';
import { job } from './job';

/** A condition mark on a panel: where on the net (m), how large and how deep (mm). */
export const mark = mysqlTable(
  'mark',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key').notNull(),
    kind: word('kind'),
    x: metres('x'),
    y: metres('y'),
    sizeMm: double('size_mm').notNull(),
    depthMm: double('depth_mm'),
    note: varchar('note', { length: 200 }).notNull(),
    mended: boolean('mended').notNull(),
    round: whole('round'),
    version: version(),
  },
  (table) => [
    index('mark_of_job').on(table.jobId),
    check(
      'mark_kind',
      sql`${table.kind} in ('dent', 'rust', 'peel', 'crack', 'chip', 'dull', 'high', 'low', 'pinhole', 'feather', 'rub-through')`,
    ),
    check('mark_size', sql`${table.sizeMm} >= 0 and (${table.depthMm} is null or ${table.depthMm} >= 0)`),
  ],
);
