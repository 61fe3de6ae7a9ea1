import { asc, eq } from 'drizzle-orm';
import type { Offer } from '../../core/offer';
import type { LocalDate } from '../../core/units';
import type { Connection } from '../database/client';
import { offer } from '../database/schema';
import { insert, update, type RowChange } from './row-change';

export const offerAnswers = ['open', 'accepted', 'refused'] as const;
export type OfferAnswer = (typeof offerAnswers)[number];

/** A quote with what the owner said to it. */
export interface StoredOffer {
  offer: Offer;
  answer: OfferAnswer;
  answeredBy: string;
  answeredWhere: string;
  answeredOn: LocalDate | null;
  seen: number;
}

/** Quotes of a job, the first one first. */
export async function loadOffers(connection: Connection, number: string): Promise<StoredOffer[]> {
  const rows = await connection
    .select()
    .from(offer)
    .where(eq(offer.jobId, number))
    .orderBy(asc(offer.number));
  return rows.map((row) => ({
    offer: { ...row.document, ways: row.document.ways ?? [] },
    answer: offerAnswers.find((one) => one === row.answer) ?? 'open',
    answeredBy: row.answeredBy,
    answeredWhere: row.answeredWhere,
    answeredOn: row.answeredOn,
    seen: row.version,
  }));
}

const offerId = (job: string, number: number): string => `${job}/offer/${number}`;

/** A quote as a new row; nobody has answered it, unless it comes with what was said. */
export const offerInsert = (
  document: Offer,
  said: Pick<StoredOffer, 'answer' | 'answeredBy' | 'answeredWhere' | 'answeredOn'> = unanswered,
): RowChange =>
  insert('offer', {
    id: offerId(document.job, document.number),
    jobId: document.job,
    number: document.number,
    document,
    answer: said.answer,
    answeredBy: said.answeredBy,
    answeredWhere: said.answeredWhere,
    answeredOn: said.answeredOn,
    madeOn: document.madeOn,
  });

const unanswered = { answer: 'open', answeredBy: '', answeredWhere: '', answeredOn: null } as const;

/** What was said to a quote; the quote itself is never written again. */
export const offerAnswered = (
  job: string,
  number: number,
  seen: number,
  said: { answer: OfferAnswer; answeredBy: string; answeredWhere: string; answeredOn: LocalDate },
): RowChange => update('offer', offerId(job, number), seen, said);
