import { bigint, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, word } from './columns';
import { job } from './job';

/** What the owner said on the page of a job. */
export const ownerWord = mysqlTable(
  'owner_word',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    kind: word('kind'),
    about: shortText('about'),
    said: varchar('said', { length: 600 }).notNull(),
    saidBy: shortText('said_by'),
    atMinute: bigint('at_minute', { mode: 'number' }).notNull(),
    version: version(),
  },
  (table) => [index('owner_word_of_job').on(table.jobId)],
);
