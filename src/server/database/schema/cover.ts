import { sql } from 'drizzle-orm';
import { check, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { id, shortText, version, word } from './columns';
import { job } from './job';

/** Something that must be covered while a kind of work would harm it. */
export const cover = mysqlTable(
  'cover',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    what: shortText('what'),
    harm: word('harm'),
    cover: varchar('cover_with', { length: 120 }).notNull(),
    version: version(),
  },
  (table) => [
    index('cover_of_job').on(table.jobId),
    check('cover_harm', sql`${table.harm} in ('stripper', 'dust', 'overspray', 'solvent', 'compound')`),
  ],
);
