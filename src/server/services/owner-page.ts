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
  type OwnerLink,
  type OwnerWord,
} from '../repositories/owner-repository';
import { loadPhotos } from '../repositories/photo-repository';
import { loadJob } from '../repositories/job-repository';
import { loadPicture } from '../photos/store';
import { currentMinute } from './clock';
import { mayLookUp, noteLook } from './guesses';
import { offersOf } from './offers';
import { elevationsOfPlan } from './elevations';
import { currentPlan } from './plans';
import { requireShop } from './snapshot';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { OwnerLink, OwnerWord };

/** Bytes of chance in a link: as many as nobody guesses. */
const tokenBytes = 32;
const mostLinks = 40;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
export const ownerLinksOf = (number: string): Promise<OwnerLink[]> => loadOwnerLinks(database(), number);
export const ownerWordsOf = (number: string): Promise<OwnerWord[]> => loadOwnerWords(database(), number);

/** Makes a link to the page of a job. The token is told once: only its hash is kept. */
export async function makeOwnerLink(
  number: string,
  given: { forWhom: string; days: number },
  writer: Writer,
): Promise<{ outcome: EditOutcome; token: string }> {
  const token = randomBytes(tokenBytes).toString('base64url');
  const outcome = await write(
    writer,
    'owner-link',
    { job: number },
    async (connection): Promise<Prepared> => {
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
    },
  );
  // A link that was just made opens at once, whoever guesses meanwhile.
  if (outcome.status === 'saved') noteLook(hashOf(token), true);
  return { outcome, token };
}

/** Takes a link back: from then on it opens nothing. */
export const revokeOwnerLink = (
  number: string,
  id: string,
  seen: number,
  writer: Writer,
): Promise<EditOutcome> =>
  write(writer, 'owner-link', { job: number }, async (connection): Promise<Prepared> => {
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

/** What a link opens; a guess costs one look at an index, and many of them cost none. */
export async function openedLink(token: string): Promise<{ job: string; id: string } | null> {
  if (!isToken(token)) return null;
  const hash = hashOf(token);
  if (!mayLookUp(hash, Date.now())) return null;
  const link = await linkByHash(database(), hash);
  const { shop } = await requireShop(database());
  const today = localDateOf(currentMinute(), shop.timeZone);
  const opens = link !== null && link.revokedOn === null && link.until >= today;
  noteLook(hash, opens);
  return opens ? link : null;
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
  const link = await openedLink(token);
  if (!link) return null;
  const page = await ownerPageOfJob(link.job);
  if (page) await countUse(database(), link.id, currentMinute());
  return page;
}

/** The page that a link of this job opens; null where there is no such job. */
export async function ownerPageOfJob(number: string): Promise<OwnerPage | null> {
  const [planned, offers, days, photos] = await Promise.all([
    currentPlan(number),
    offersOf(number),
    loadForecastDays(database(), number),
    loadPhotos(database(), number),
  ]);
  if (!planned) return null;
  const now = currentMinute();
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
      photos: photos
        .filter((one) => one.forOwner)
        .map(({ sha256, part, caption, takenOn, widthPx, heightPx }) => ({
          sha256,
          part,
          caption,
          takenOn,
          widthPx,
          heightPx,
        })),
    }),
    drawn: { job: stored.job, plan, now, sides: await elevationsOfPlan(planned) },
    quotes: { open, accepted },
    shopName: name,
    timeZone,
    currency,
  };
}

/** A photo behind a link: of its job, chosen for the owner. @returns null for any other */
export async function ownerPhotoOf(token: string, sha256: string, thumb: boolean): Promise<Buffer | null> {
  const link = await openedLink(token);
  if (!link) return null;
  const photos = await loadPhotos(database(), link.job);
  return photos.some((one) => one.forOwner && one.sha256 === sha256) ? loadPicture(sha256, thumb) : null;
}
