import { char, mysqlTable } from 'drizzle-orm/mysql-core';
import type { Plan } from '../../../core/plan';
import { document, id, version, whole } from './columns';
import { job } from './job';

/** The last calendar the manager accepted: what run sheets, bookings and other jobs go by. */
export const agreedPlan = mysqlTable('agreed_plan', {
  jobId: id('job_id')
    .primaryKey()
    .references(() => job.id, { onDelete: 'cascade' }),
  inputHash: char('input_hash', { length: 64 }).notNull(),
  acceptedAt: whole('accepted_at'),
  plan: document<Plan>('plan'),
  version: version(),
});
