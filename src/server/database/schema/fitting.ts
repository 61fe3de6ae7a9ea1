import { sql } from 'drizzle-orm';
import { char, check, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, word } from './columns';
import { job } from './job';

/** A fitting of the strip-down list; minutes of a person. */
export const fitting = mysqlTable(
  'fitting',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    name: shortText('name'),
    part: id('part_key').notNull(),
    tag: word('tag'),
    removeMin: double('remove_min').notNull(),
    refitMin: double('refit_min').notNull(),
    maskMin: double('mask_min').notNull(),
    choice: word('choice'),
    needs: word('needs'),
    benchMin: double('bench_min').notNull(),
    readyOn: char('ready_on', { length: 10 }),
    state: word('state'),
    condition: varchar('condition_text', { length: 120 }).notNull(),
    fasteners: varchar('fasteners', { length: 120 }).notNull().default(''),
    note: varchar('note', { length: 200 }).notNull(),
    version: version(),
  },
  (table) => [
    index('fitting_of_job').on(table.jobId),
    check(
      'fitting_minutes',
      sql`${table.removeMin} >= 0 and ${table.refitMin} >= 0 and ${table.maskMin} >= 0`,
    ),
    check('fitting_choice', sql`${table.choice} in ('advised', 'remove', 'mask')`),
  ],
);
