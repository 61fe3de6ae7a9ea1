import { check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobListFields } from '../../../core/concepts/job-lists';
import { gateKinds } from '../../../core/record/strip-down-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { job } from './job';
import { isOneOf } from './one-of';

/** Something that must be so before the first primer of a section. */
export const gate = mysqlTable(
  'gate',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    ...columnsOf(jobListFields.gates, { section: 'section_key' }),
    version: version(),
  },
  (table) => [index('gate_of_job').on(table.jobId), check('gate_kind', isOneOf(table.kind, gateKinds))],
);
