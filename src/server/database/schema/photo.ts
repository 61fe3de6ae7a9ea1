import { sql } from 'drizzle-orm';
import { boolean, char, check, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, localDate, version, whole } from './columns';
import { job } from './job';

/** A photo of a job, of one of its panels or steps; the picture lies in the data folder under its SHA-256. */
export const photo = mysqlTable(
  'photo',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key'),
    step: id('step_key'),
    mark: id('mark_id'),
    gate: id('gate_id'),
    /** Sample it shows, the face of its panel, and the coat: null for none. */
    sample: id('sample_id'),
    face: varchar('face', { length: 8 }),
    coat: int('coat'),
    tag: varchar('tag', { length: 16 }).notNull().default('work'),
    /** The owner sees it on his page. */
    forOwner: boolean('for_owner').notNull().default(false),
    caption: varchar('caption', { length: 200 }).notNull(),
    takenOn: localDate('taken_on'),
    sha256: char('sha256', { length: 64 }).notNull(),
    widthPx: whole('width_px'),
    heightPx: whole('height_px'),
    bytes: whole('bytes'),
    version: version(),
  },
  (table) => [
    index('photo_of_job').on(table.jobId),
    check('photo_size', sql`${table.widthPx} > 0 and ${table.heightPx} > 0`),
  ],
);
