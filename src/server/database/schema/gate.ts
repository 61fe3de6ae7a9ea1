import { sql } from 'drizzle-orm';
import { boolean, char, check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, version, whole, word } from './columns';
import { job } from './job';

/** Something that must be so before the first primer of a section. */
export const gate = mysqlTable(
  'gate',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    section: id('section_key').notNull(),
    kind: word('kind'),
    what: varchar('what', { length: 120 }).notNull(),
    gapMm: double('gap_mm'),
    flushMm: double('flush_mm'),
    attempts: whole('attempts'),
    done: boolean('done').notNull(),
    doneOn: char('done_on', { length: 10 }),
    version: version(),
  },
  (table) => [
    index('gate_of_job').on(table.jobId),
    check('gate_kind', sql`${table.kind} in ('welded', 'sealed', 'textured', 'guards', 'dry-fit')`),
  ],
);
