import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import type { SurfaceRevisions } from '../../../core/handover/revisions';
import { document, id, localDate, shortText, version, word } from './columns';
import { job } from './job';

/** A signature of one side under the handover of a job, with the surfaces as they were then. */
export const handoverSignature = mysqlTable(
  'handover_signature',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    side: word('side'),
    signedBy: shortText('signed_by'),
    signedWhere: shortText('signed_where'),
    signedOn: localDate('signed_on'),
    bound: document<SurfaceRevisions>('bound'),
    version: version(),
  },
  (table) => [index('handover_signature_of_job').on(table.jobId)],
);
