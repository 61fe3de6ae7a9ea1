import type { PrintedPaper } from '@/core/documents';
import { handoverRecord, labelsOfPool } from '@/core/handover';
import { stageParts, stageStates, stagesDue } from '@/core/offer';
import { localDateOf } from '@/core/units';
import type { DocumentKind } from '@/features/documents/document-kinds';
import { filmPaper } from '@/features/documents/film-paper';
import { handoverPaper } from '@/features/documents/handover-paper';
import { ownerPaper } from '@/features/documents/owner-paper';
import { mostPhotosOnPaper, photosOnPaper } from '@/features/documents/photos-of-paper';
import { quotePaper, stagePaper } from '@/features/documents/quote-paper';
import { runSheetPaper } from '@/features/documents/run-sheet-paper';
import { surveyPaper } from '@/features/documents/survey-paper';
import {
  batchCardsPaper,
  labelsPaper,
  statementPaper,
  type WorkGiven,
} from '@/features/documents/work-papers';
import { fullDate } from '@/features/words/format';
import { currentMinute } from '@/server/services/clock';
import { signaturesOf } from '@/server/services/handover';
import { workNotes } from '@/server/services/notes';
import { offersOf, type StoredOffer } from '@/server/services/offers';
import { ownerPageOfJob } from '@/server/services/owner-page';
import { photosOf } from '@/server/services/photos';
import { currentPlan, type PlannedJob } from '@/server/services/plans';
import { stockBook } from '@/server/services/stores';

/** What an address asks of a document besides its kind. */
export interface DocumentAsked {
  /** Number of a quote, state of a stage, day of a run sheet; empty for the one in force, or today. */
  number: string;
  state: string;
  day: string;
}

/** A document of a job; why there is none otherwise, and null where there is no such job. */
export async function documentOf(
  number: string,
  kind: DocumentKind,
  asked: DocumentAsked,
): Promise<PrintedPaper | { reason: string } | null> {
  const planned = await currentPlan(number);
  if (!planned) return null;
  const { stored, plan, shop } = planned;
  const notes = await workNotes();
  const given: WorkGiven = { job: stored.job, plan, shop: shop.shop, shelf: shop.shelf, notes };
  switch (kind) {
    case 'quote':
    case 'stage':
      return quoteOrStage(planned, kind, asked);
    case 'owner':
      return ownersSheet(planned);
    case 'statement':
      return statementPaper(given);
    case 'run-sheet':
      return runSheet(given, asked.day);
    case 'batch-cards':
      return batchCardsPaper(given);
    case 'labels':
      return labelsPaper(given, await labelsOf(given));
    case 'survey':
      return surveyPaper(given);
    case 'film':
      return filmPaper(given, (await recordOf(planned)).film);
    case 'handover':
      return handoverFile(planned, given);
  }
}

const accepted = (offers: readonly StoredOffer[]): StoredOffer | null =>
  [...offers].reverse().find((one) => one.answer === 'accepted') ?? null;

async function quoteOrStage(
  { stored: { job }, plan, shop }: PlannedJob,
  kind: 'quote' | 'stage',
  { number, state }: DocumentAsked,
): Promise<PrintedPaper | { reason: string }> {
  const offers = await offersOf(job.number);
  const kept = number === '' ? accepted(offers) : offers.find(({ offer }) => String(offer.number) === number);
  if (!kept) return { reason: number === '' ? 'no quote was accepted yet' : `there is no quote ${number}` };
  const { offer, answer, answeredBy, answeredWhere, answeredOn } = kept;
  const given = {
    offer,
    object: job.name,
    owner: job.owner,
    shop: shop.shop,
    said:
      answer === 'open' || answeredOn === null
        ? null
        : {
            answer: answer === 'accepted' ? 'Accepted' : 'Refused',
            by: answeredBy,
            where: answeredWhere,
            on: answeredOn,
          },
  };
  if (kind === 'quote') return quotePaper(given);
  if (answer !== 'accepted')
    return { reason: `quote ${offer.number} was not accepted: nothing is due by it` };
  const parts = stageParts(offer, stagesDue(offer, plan));
  const wanted = stageStates.find((one) => one === state);
  const at = wanted
    ? parts.findIndex((one) => one.state === wanted)
    : parts.findLastIndex((one) => one.isReached);
  const stage = parts[at];
  if (!stage) return { reason: 'there is no such stage of payment' };
  return stagePaper({ ...given, stage, before: parts.slice(0, at) });
}

async function ownersSheet({ stored, shop }: PlannedJob): Promise<PrintedPaper | null> {
  const page = await ownerPageOfJob(stored.job.number);
  return page && ownerPaper(page.view, { ...page.drawn, shop: shop.shop });
}

function runSheet(given: WorkGiven, day: string): PrintedPaper | { reason: string } {
  if (day !== '' && !/^\d{4}-\d{2}-\d{2}$/.test(day)) return { reason: 'a day is written 2026-12-24' };
  return runSheetPaper(given, day || localDateOf(currentMinute(), given.shop.timeZone));
}

async function labelsOf({ job, plan, shop, shelf }: WorkGiven) {
  const ground = { shelf, moves: await stockBook(), timeZone: shop.timeZone };
  return plan.pools.flatMap((pool) => labelsOfPool(pool, job, plan, ground));
}

/** The record of a handover out of the job as it stands. */
export async function recordOf({ stored, plan, shop }: PlannedJob) {
  const [moves, offers] = await Promise.all([stockBook(), offersOf(stored.job.number)]);
  return handoverRecord({
    job: stored.job,
    plan,
    shop: shop.shop,
    shelf: shop.shelf,
    moves,
    accepted: accepted(offers)?.offer ?? null,
  });
}

async function handoverFile(
  planned: PlannedJob,
  given: WorkGiven,
): Promise<PrintedPaper | { reason: string }> {
  const { number, owner } = planned.stored.job;
  const [record, photos, signatures] = await Promise.all([
    recordOf(planned),
    photosOf(number),
    signaturesOf(number),
  ]);
  if (photos.length > mostPhotosOnPaper)
    return {
      reason: `${photos.length} photos are more than one file takes, ${mostPhotosOnPaper} at most: the bundle holds all of them`,
    };
  const signed = signatures.map(
    ({ side, by, where, on }) =>
      `For ${side === 'shop' ? 'the shop' : 'the owner'}: ${by}, ${where}, ${fullDate(on)}.`,
  );
  return handoverPaper({ ...given, record, photos: photosOnPaper(photos), owner, signed });
}
