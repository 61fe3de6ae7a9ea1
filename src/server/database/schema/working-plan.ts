import { char, mysqlTable } from 'drizzle-orm/mysql-core';
import type { Plan } from '../../../core/plan';
import { document, id, localDate, word } from './columns';
import { job } from './job';

/** The newest plan of a job, with the hash of what it was computed from and the local day it was computed on. */
export const workingPlan = mysqlTable('working_plan', {
  jobId: id('job_id')
    .primaryKey()
    .references(() => job.id, { onDelete: 'cascade' }),
  inputHash: char('input_hash', { length: 64 }).notNull(),
  onDate: localDate('on_date'),
  programVersion: word('program_version'),
  plan: document<Plan>('plan'),
});
