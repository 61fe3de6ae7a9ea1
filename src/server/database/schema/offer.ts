import { sql } from 'drizzle-orm';
import { char, check, index, mysqlTable } from 'drizzle-orm/mysql-core';
import type { Offer } from '../../../core/offer';
import { document, id, localDate, shortText, version, whole, word } from './columns';
import { job } from './job';

/** Quotes of before ways were told beside them have none. */
export type KeptOfferDocument = Omit<Offer, 'ways'> & { ways?: Offer['ways'] };

/** A quote as it was made, and what the owner said to it; the document never changes. */
export const offer = mysqlTable(
  'offer',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    number: whole('number'),
    document: document<KeptOfferDocument>('document'),
    answer: word('answer'),
    answeredBy: shortText('answered_by'),
    answeredWhere: shortText('answered_where'),
    answeredOn: char('answered_on', { length: 10 }),
    madeOn: localDate('made_on'),
    version: version(),
  },
  (table) => [
    index('offer_of_job').on(table.jobId),
    check('offer_answer', sql`${table.answer} in ('open', 'accepted', 'refused')`),
  ],
);
