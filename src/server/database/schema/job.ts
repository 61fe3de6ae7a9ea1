import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobFields } from '../../../core/concepts/job';
import { levels } from '../../../core/film/coat-system';
import { jobStates } from '../../../core/record/job-words';
import { id, version } from './columns';
import { columnsOf } from './columns-of';
import { isOneOf } from './one-of';

/** A job; the id is its number. Caps in hours and minor units, 0 = no cap. */
export const job = mysqlTable(
  'job',
  {
    id: id().primaryKey(),
    ...columnsOf(jobFields),
    version: version(),
  },
  (table) => [
    check('job_level', isOneOf(table.level, levels)),
    check('job_state', isOneOf(table.state, jobStates)),
    check(
      'job_caps',
      sql`${table.capLabourHours} >= 0 and ${table.capMaterialsMinor} >= 0 and ${table.capBoothHours} >= 0`,
    ),
  ],
);
