import { sql } from 'drizzle-orm';
import { char, check, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, whole, word } from './columns';
import { job } from './job';

/** Work done by somebody outside: what went where, when it is due and how it came back. */
export const sendOut = mysqlTable(
  'send_out',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    what: shortText('what'),
    part: id('part_key').notNull(),
    vendor: shortText('vendor'),
    leadDays: whole('lead_days'),
    sentOn: char('sent_on', { length: 10 }),
    dueOn: char('due_on', { length: 10 }),
    returnedOn: char('returned_on', { length: 10 }),
    condition: varchar('condition_text', { length: 200 }).notNull(),
    phase: word('phase'),
    version: version(),
  },
  (table) => [
    index('send_out_of_job').on(table.jobId),
    check(
      'send_out_phase',
      sql`${table.phase} in ('strip', 'metal', 'epoxy', 'filler', 'build', 'mask', 'colour', 'clear', 'finish', 'refit')`,
    ),
  ],
);
