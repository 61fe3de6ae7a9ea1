import { check, mysqlTable, unique } from 'drizzle-orm/mysql-core';
import { sectionFields } from '../../../core/concepts/section';
import { levels } from '../../../core/film/coat-system';
import { depths } from '../../../core/record/depth';
import { id, version, whole } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** A section of a job: what it is, how far down it goes, what goes on it. */
export const section = mysqlTable(
  'section',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(sectionFields, { key: 'section_key', group: 'group_key', system: 'system_key' }),
    position: whole('position'),
    version: version(),
  },
  (table) => [
    unique('section_of_job').on(table.jobId, table.key),
    check('section_level', isOneOf(table.level, levels)),
    check('section_depth', isOneOf(table.depth, depths)),
  ],
);
