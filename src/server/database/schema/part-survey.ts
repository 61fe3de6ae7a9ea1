import { mysqlTable, unique } from 'drizzle-orm/mysql-core';
import type { PartSurvey } from '../../../core/record';
import { document, id, version } from './columns';
import { job } from './job';

/** What the survey says of one panel; a panel without a row is as its section and the net say. */
export const partSurvey = mysqlTable(
  'part_survey',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    partKey: id('part_key').notNull(),
    survey: document<Omit<PartSurvey, 'key'>>('survey'),
    version: version(),
  },
  (table) => [unique('part_survey_of_job').on(table.jobId, table.partKey)],
);
