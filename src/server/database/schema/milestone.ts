import { sql } from 'drizzle-orm';
import { boolean, char, check, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, word } from './columns';
import { job } from './job';

/** Where another trade meets the paint: before a stretch of our work, or after it. */
export const milestone = mysqlTable(
  'milestone',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    trade: word('trade'),
    what: shortText('what'),
    tie: word('tie'),
    phase: word('phase'),
    onDate: char('on_date', { length: 10 }),
    accessLost: varchar('access_lost', { length: 200 }).notNull(),
    done: boolean('done').notNull(),
    toldDate: char('told_date', { length: 10 }),
    version: version(),
  },
  (table) => [
    index('milestone_of_job').on(table.jobId),
    check('milestone_tie', sql`${table.tie} in ('before', 'after')`),
    check(
      'milestone_phase',
      sql`${table.phase} in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit')`,
    ),
  ],
);
