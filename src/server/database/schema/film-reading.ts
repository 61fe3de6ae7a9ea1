import { sql } from 'drizzle-orm';
import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { readingFields } from '../../../core/concepts/findings';
import { gauges } from '../../../core/record/survey-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** A film reading on a panel, µm, with the kind of gauge it was taken with. */
export const filmReading = mysqlTable(
  'film_reading',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(readingFields, { part: 'part_key' }),
    version: version(),
  },
  (table) => [
    index('film_reading_of_job').on(table.jobId),
    check('film_reading_um', sql`${table.um} >= 0 and ${table.um} <= 20000`),
    check('film_reading_gauge', isOneOf(table.gauge, gauges)),
  ],
);
