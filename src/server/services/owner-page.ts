import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { DrawnElevation } from '../../core/elevation';
import { stagesDue, type Offer } from '../../core/offer';
import { ownerView, type OwnerView } from '../../core/owner/owner-view';
import type { Plan } from '../../core/plan';
import type { Job } from '../../core/record';
import { addDays, localDateOf, type Minute } from '../../core/units';
import { database } from '../database/client';
import { loadForecastDays } from '../repositories/forecast-repository';
import {
  countUse,
  linkByHash,
  linkInsert,
  linkRevoked,
  loadOwnerLinks,
  loadOwnerWords,
  wordInsert,
  type OwnerLink,
  type OwnerWord,
} from '../repositories/owner-repository';
import { findingId } from '../repositories/job-ids';
import { loadJob } from '../repositories/job-repository';
import { currentMinute } from './clock';
import { saveEdit } from './edits';
import { answerOffer, offersOf } from './offers';
import { elevationsOfPlan } from './elevations';
import { currentPlan } from './plans';
import { requireShop } from './snapshot';
import { write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { OwnerLink, OwnerWord };

/** Bytes of chance in a link: as many as nobody guesses. */
const tokenBytes = 32;
const mostLinks = 40;
/** Words that one job takes in a day from its page; more is no owner. */
const mostWordsADay = 40;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const faulty = (place: string, reason: string) => ({
  status: 'faulty' as const,
  faults: [{ place, reason }],
});

export const ownerLinksOf = (number: string): Promise<OwnerLink[]> => loadOwnerLinks(database(), number);
export const ownerWordsOf = (number: string): Promise<OwnerWord[]> => loadOwnerWords(database(), number);

/** Makes a link to the page of a job. The token is told once: only its hash is kept. */
export async function makeOwnerLink(
  number: string,
  given: { forWhom: string; days: number },
  writer: Writer,
): Promise<{ outcome: EditOutcome; token: string }> {
  const token = randomBytes(tokenBytes).toString('base64url');
  const outcome = await write(writer, { job: number }, async (connection): Promise<Prepared> => {
    if (!(await loadJob(connection, number))) return faulty('job', `there is no job ${number}`);
    if ((await loadOwnerLinks(connection, number)).length >= mostLinks)
      return faulty('job', `a job has at most ${mostLinks} links`);
    const { shop } = await requireShop(connection);
    const madeOn = localDateOf(currentMinute(), shop.timeZone);
    const link = {
      tokenSha256: hashOf(token),
      forWhom: given.forWhom,
      madeOn,
      until: addDays(madeOn, given.days),
    };
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: 'link for the owner made',
      undoable: false,
      changes: [linkInsert(number, randomUUID(), link)],
    };
  });
  return { outcome, token };
}

/** Takes a link back: from then on it opens nothing. */
export const revokeOwnerLink = (
  number: string,
  id: string,
  seen: number,
  writer: Writer,
): Promise<EditOutcome> =>
  write(writer, { job: number }, async (connection): Promise<Prepared> => {
    const { shop } = await requireShop(connection);
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: 'link for the owner taken back',
      undoable: false,
      changes: [linkRevoked(number, id, seen, localDateOf(currentMinute(), shop.timeZone))],
    };
  });

/** A token is that of a link by its form alone; nothing else is looked up. */
const isToken = (token: string): boolean => /^[A-Za-z0-9_-]{43}$/.test(token);

/** What a link opens; a guess costs one look at an index. */
async function opened(token: string): Promise<{ job: string; id: string } | null> {
  const link = isToken(token) ? await linkByHash(database(), hashOf(token)) : null;
  if (!link || link.revokedOn !== null) return null;
  const { shop } = await requireShop(database());
  return link.until < localDateOf(currentMinute(), shop.timeZone) ? null : link;
}

/** The page of an owner with what its links need. */
export interface OwnerPage {
  view: OwnerView;
  /** What the picture of today is drawn from; it stays on the server. */
  drawn: { job: Job; plan: Plan; now: Minute; sides: DrawnElevation[] };
  /** Quotes that may still be accepted, and the one that was. */
  quotes: { open: Offer[]; accepted: Offer | null };
  shopName: string;
  timeZone: string;
  currency: string;
}

/** The page behind a link; null where it opens none. Each opening is counted. */
export async function ownerPageOf(token: string): Promise<OwnerPage | null> {
  const link = await opened(token);
  if (!link) return null;
  const [planned, offers, days] = await Promise.all([
    currentPlan(link.job),
    offersOf(link.job),
    loadForecastDays(database(), link.job),
  ]);
  if (!planned) return null;
  const now = currentMinute();
  await countUse(database(), link.id, now);
  const { stored, plan, shop } = planned;
  const { timeZone, currency, name } = shop.shop;
  const today = localDateOf(now, timeZone);
  const accepted = [...offers].reverse().find((one) => one.answer === 'accepted')?.offer ?? null;
  const open = offers.flatMap(({ answer, offer }) =>
    answer === 'open' && offer.validUntil >= today && offer.number > (accepted?.number ?? 0) ? [offer] : [],
  );
  return {
    view: ownerView({
      job: stored.job,
      plan,
      now,
      timeZone,
      forecast: days.at(-1) ?? null,
      open,
      accepted,
      payments: accepted ? stagesDue(accepted, plan) : [],
    }),
    drawn: { job: stored.job, plan, now, sides: await elevationsOfPlan(planned) },
    quotes: { open, accepted },
    shopName: name,
    timeZone,
    currency,
  };
}

/** What the owner says on the page. */
export type OwnerSays =
  | { kind: 'ask'; said: string; by: string }
  | { kind: 'accepted' | 'refused'; quote: number; said: string; by: string; where: string }
  /** A card that was seen in the hand: in which light, beside what. */
  | {
      kind: 'card-accepted' | 'card-refused';
      sample: string;
      said: string;
      by: string;
      light: string;
      beside: string;
    };

/** Takes down what the owner says. @returns null where the link opens nothing */
export async function takeOwnerWord(token: string, says: OwnerSays): Promise<EditOutcome | null> {
  const link = await opened(token);
  if (!link) return null;
  const number = link.job;
  const writer: Writer = { author: 'owner' };
  // Asked before anything is carried out: what was answered is never without its word.
  if (hasSaidEnough(await loadOwnerWords(database(), number))) return enough;
  const outcome = await carriedOut(number, says, writer);
  if (outcome && outcome.status !== 'saved') return outcome;
  return write(writer, { job: number }, async (connection): Promise<Prepared> => {
    const now = currentMinute();
    if (says.kind === 'ask' && hasSaidEnough(await loadOwnerWords(connection, number))) return enough;
    const word: OwnerWord = {
      kind: says.kind,
      about: aboutOf(says).slice(0, 80),
      said: says.said,
      saidBy: says.by,
      atMinute: now,
    };
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: says.kind === 'ask' ? 'the owner asks' : `the owner on ${aboutOf(says)}`,
      undoable: false,
      changes: [wordInsert(number, randomUUID(), word)],
    };
  });
}

const enough = faulty('said', 'that is enough for one day; please call');
const hasSaidEnough = (words: readonly OwnerWord[]): boolean =>
  words.filter((one) => one.atMinute > currentMinute() - 1440).length >= mostWordsADay;

const aboutOf = (says: OwnerSays): string => {
  switch (says.kind) {
    case 'ask':
      return '';
    case 'accepted':
    case 'refused':
      return `quote ${says.quote}`;
    case 'card-accepted':
    case 'card-refused':
      return `the card, seen in ${says.light}`;
  }
};

/** What follows from an answer, as if the manager had typed it; null for a question. */
async function carriedOut(number: string, says: OwnerSays, writer: Writer): Promise<EditOutcome | null> {
  if (says.kind === 'ask') return null;
  const { shop } = await requireShop(database());
  const on = localDateOf(currentMinute(), shop.timeZone);
  if ('quote' in says) {
    const kept = (await offersOf(number)).find(({ offer }) => offer.number === says.quote);
    if (!kept) return faulty('quote', 'there is no such quote');
    const said = { answer: says.kind, by: says.by, where: says.where, on, seen: kept.seen };
    return answerOffer(number, says.quote, said, writer);
  }
  const stored = await loadJob(database(), number);
  const card = stored?.job.samples.find((one) => one.id === says.sample && one.verdict === 'waiting');
  if (!stored || !card) return faulty('sample', 'no such card waits for a word');
  return saveEdit(
    {
      kind: 'set-item',
      job: number,
      list: 'samples',
      id: card.id,
      seen: stored.versions[findingId(number, card.id)]!,
      set: {
        verdict: says.kind === 'card-accepted' ? 'accepted' : 'refused',
        by: says.by,
        light: says.light,
        beside: says.beside,
        note: says.said.slice(0, 200),
        onDate: on,
      },
    },
    writer,
  );
}
