import { sql } from 'drizzle-orm';
import { check, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, whole, word } from './columns';
import { job } from './job';

/** A step the manager put in by hand, between two others by their keys; person-minutes. */
export const addedStep = mysqlTable(
  'added_step',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    operation: word('operation'),
    name: shortText('name'),
    section: id('section_key').notNull(),
    personMinutes: whole('person_minutes'),
    afterStep: id('after_step').notNull(),
    beforeStep: id('before_step'),
    note: varchar('note', { length: 200 }).notNull(),
    version: version(),
  },
  (table) => [check('added_step_minutes', sql`${table.personMinutes} >= 0`)],
);
