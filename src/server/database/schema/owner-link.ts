import { bigint, char, index, int, mysqlTable, uniqueIndex, varchar } from 'drizzle-orm/mysql-core';
import { id, localDate, shortText, version } from './columns';
import { job } from './job';

/** A link under which the owner of one job reads its page; what is kept is the hash of it, never the link. */
export const ownerLink = mysqlTable(
  'owner_link',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    tokenSha256: char('token_sha256', { length: 64 }).notNull(),
    forWhom: shortText('for_whom'),
    madeOn: localDate('made_on'),
    /** The last day on which it opens the page. */
    until: localDate('until_date'),
    /** Null until it is taken back. */
    revokedOn: varchar('revoked_on', { length: 10 }),
    uses: int('uses').notNull().default(0),
    lastUsedMin: bigint('last_used_min', { mode: 'number' }),
    version: version(),
  },
  (table) => [
    index('owner_link_of_job').on(table.jobId),
    uniqueIndex('owner_link_token').on(table.tokenSha256),
  ],
);
