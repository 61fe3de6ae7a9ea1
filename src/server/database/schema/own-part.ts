import { mysqlTable, unique } from 'drizzle-orm/mysql-core';
import type { OwnPart } from '../../../core/record';
import { document, id, version } from './columns';
import { job } from './job';

/** A panel of the job's own: added, split off, mirrored or read from a panel map. */
export const ownPart = mysqlTable(
  'own_part',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    partKey: id('part_key').notNull(),
    part: document<Omit<OwnPart, 'key'>>('part'),
    version: version(),
  },
  (table) => [unique('own_part_of_job').on(table.jobId, table.partKey)],
);
