import { sql } from 'drizzle-orm';
import { check, double, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { id, localDate, version, word } from './columns';
import { job } from './job';

/** A film reading on a panel, µm, with the kind of gauge it was taken with. */
export const filmReading = mysqlTable(
  'film_reading',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    part: id('part_key').notNull(),
    um: double('um').notNull(),
    fromLeftMm: double('from_left_mm'),
    fromTopMm: double('from_top_mm'),
    gauge: word('gauge'),
    source: word('source'),
    onDate: localDate('on_date'),
    version: version(),
  },
  (table) => [
    index('film_reading_of_job').on(table.jobId),
    check('film_reading_um', sql`${table.um} >= 0 and ${table.um} <= 20000`),
    check('film_reading_gauge', sql`${table.gauge} in ('magnetic', 'eddy', 'ultrasonic', 'cut-edge')`),
  ],
);
