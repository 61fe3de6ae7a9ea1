import { figuresFrom } from '../../core/figures';
import type { Fault } from '../../core/exchange';
import {
  jobOfWay,
  makeOffer,
  offerWay,
  type Discount,
  type Offer,
  type OfferGiven,
  type WayAsked,
} from '../../core/offer';
import type { Plan } from '../../core/plan';
import type { Job } from '../../core/record';
import { localDateOf } from '../../core/units';
import { database, type Connection } from '../database/client';
import { findingId } from '../repositories/job-ids';
import { loadJob } from '../repositories/job-repository';
import { loadOffers, offerAnswered, offerInsert, type StoredOffer } from '../repositories/offer-repository';
import { insert, update } from '../repositories/row-change';
import { randomUUID } from 'node:crypto';
import { currentMinute } from './clock';
import { inThread } from '../workers/pool';
import { currentPlan, inputsOf } from './plans';
import { requireShop } from './snapshot';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { StoredOffer };

/** The quotes of a job, the first one first. */
export const offersOf = (number: string): Promise<StoredOffer[]> => loadOffers(database(), number);

/** More versions of one job are no negotiation. */
const mostOffers = 60;

/**
 * Makes a quote out of the plan as the manager sees it. Where what it rests on has changed meanwhile nothing is made.
 * @param seenHash hash of the inputs of the plan that was seen
 */
export async function makeOfferOf(
  number: string,
  given: { seenHash: string; discount: Discount | null; note: string; ways: readonly WayAsked[] },
  writer: Writer,
): Promise<EditOutcome> {
  const current = await currentPlan(number);
  if (!current) return faulty('job', `there is no job ${number}`);
  if (current.inputHash !== given.seenHash)
    return { status: 'conflict', what: `plan ${number}`, why: 'changed' };
  const others = await plannedWays(number, given.ways);
  if ('faults' in others) return { status: 'faulty', faults: others.faults };
  return write(writer, 'make-quote', 'shop', async (connection): Promise<Prepared> => {
    const now = await inputsOf(number, connection);
    if (now?.inputHash !== given.seenHash)
      return { status: 'conflict', what: `plan ${number}`, why: 'changed' };
    const before = await loadOffers(connection, number);
    if (before.length >= mostOffers) return faulty('job', `a job has at most ${mostOffers} quotes`);
    const { shop, shelf } = await requireShop(connection);
    const stored = await loadJob(connection, number);
    if (!stored) return faulty('job', `there is no job ${number}`);
    const { job } = stored;
    const offerGiven: OfferGiven = {
      job,
      shop,
      shelf,
      figures: figuresFrom(shop.figures, job.figures),
      terms: shop.offerTerms,
      number: Math.max(0, ...before.map(({ offer }) => offer.number)) + 1,
      now: currentMinute(),
      discount: given.discount,
      note: given.note,
    };
    const made: Offer = {
      ...makeOffer(current.plan, offerGiven),
      ways: others.ways.map((one) => offerWay(one.name, one.plan, { ...offerGiven, job: one.job })),
    };
    if (made.netMinor < 0) return faulty('discount', 'more is taken off than the work costs');
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: `quote ${made.number} made`,
      undoable: true,
      changes: [offerInsert(made)],
    };
  });
}

/** Other ways with their plans, made on a thread; why one cannot be told otherwise. */
async function plannedWays(
  number: string,
  asked: readonly WayAsked[],
): Promise<{ ways: { name: string; job: Job; plan: Plan }[] } | { faults: Fault[] }> {
  if (asked.length === 0) return { ways: [] };
  const inputs = await inputsOf(number, database());
  if (!inputs) return { faults: [{ place: 'job', reason: `there is no job ${number}` }] };
  const { input } = inputs;
  const ways = asked.map((way) => jobOfWay(input.job, way));
  const missing = ways.findIndex((one) => one === null);
  if (missing >= 0)
    return {
      faults: [
        { place: `ways[${missing}]`, reason: 'that is the way that is planned, or there is no such scheme' },
      ],
    };
  const known = ways.flatMap((one) => one ?? []);
  const plans = await inThread({ kind: 'plans', inputs: known.map(({ job }) => ({ ...input, job })) });
  return { ways: known.map((one, i) => ({ ...one, plan: plans[i]! })) };
}

/** What the owner said, with who, where and when it was said. */
export interface SaidToOffer {
  answer: 'accepted' | 'refused';
  by: string;
  where: string;
  on: string;
  seen: number;
}

/**
 * Writes down what was said to a quote. An accepted one sets the caps of the job, and stands in its record of scope; the quote
 * that was accepted before stays as it was said.
 */
export const answerOffer = (
  number: string,
  version: number,
  said: SaidToOffer,
  writer: Writer,
): Promise<EditOutcome> =>
  write(writer, 'answer-quote', { job: number }, async (connection): Promise<Prepared> => {
    const all = await loadOffers(connection, number);
    const stored = all.find(({ offer }) => offer.number === version);
    if (!stored) return faulty('quote', `${number} has no quote ${version}`);
    const { offer } = stored;
    if (stored.answer !== 'open') return faulty('quote', `quote ${version} was ${stored.answer} already`);
    const later = all.find((one) => one.answer === 'accepted' && one.offer.number > version);
    if (later && said.answer === 'accepted')
      return faulty('quote', `quote ${later.offer.number} was accepted in its place: make another`);
    const { shop } = await requireShop(connection);
    const today = localDateOf(currentMinute(), shop.timeZone);
    if (said.on > today) return faulty('on', 'nobody has said it on a day that is still to come');
    if (said.on < offer.madeOn) return faulty('on', 'the quote was not made then');
    if (said.answer === 'accepted' && said.on > offer.validUntil)
      return faulty('on', `the quote was valid until ${offer.validUntil}: make another`);
    const answered = offerAnswered(number, version, said.seen, {
      answer: said.answer,
      answeredBy: said.by,
      answeredWhere: said.where,
      answeredOn: said.on,
    });
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: `quote ${version} ${said.answer}`,
      undoable: false,
      changes:
        said.answer === 'accepted' ? [answered, ...(await followsFrom(offer, said, connection))] : [answered],
    };
  });

/** What follows from an accepted quote: the caps of the job, and a line in its record of scope. */
async function followsFrom(offer: Offer, said: SaidToOffer, connection: Connection) {
  const stored = await loadJob(connection, offer.job);
  if (!stored) return [];
  const { labourHours, materialsMinor, boothHours } = offer.caps;
  return [
    update('job', offer.job, stored.versions[offer.job]!, {
      capLabourHours: labourHours,
      capMaterialsMinor: materialsMinor,
      capBoothHours: boothHours,
    }),
    insert('scopeChange', {
      id: findingId(offer.job, randomUUID()),
      jobId: offer.job,
      what: `quote ${offer.number} accepted`,
      hours: 0,
      moneyMinor: 0,
      days: 0,
      agreedBy: said.by,
      onDate: said.on,
    }),
  ];
}
