import { sql } from 'drizzle-orm';
import { check, mysqlTable } from 'drizzle-orm/mysql-core';
import { jobFields } from '../../../core/concepts/job';
import { id, version } from './columns';
import { columnsOf } from './columns-of';

/** A job; the id is its number. Caps in hours and minor units, 0 = no cap. */
export const job = mysqlTable(
  'job',
  {
    id: id().primaryKey(),
    ...columnsOf(jobFields),
    version: version(),
  },
  (table) => [
    check('job_level', sql`${table.level} in ('Keep', 'Work', 'Road', 'Show', 'Mirror')`),
    check('job_state', sql`${table.state} in ('surveyed', 'planned', 'running', 'finished')`),
    check(
      'job_caps',
      sql`${table.capLabourHours} >= 0 and ${table.capMaterialsMinor} >= 0 and ${table.capBoothHours} >= 0`,
    ),
  ],
);
