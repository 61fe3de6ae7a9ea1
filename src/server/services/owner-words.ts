import { randomUUID } from 'node:crypto';
import type { Decision } from '../../core/record';
import { localDateOf, type LocalDate } from '../../core/units';
import { database } from '../database/client';
import { findingId } from '../repositories/job-ids';
import { loadJob } from '../repositories/job-repository';
import { loadOwnerWords, wordInsert, type OwnerWord } from '../repositories/owner-repository';
import { currentMinute } from './clock';
import { saveEdit } from './edits';
import { answerOffer, offersOf } from './offers';
import { openedLink } from './owner-page';
import { requireShop } from './snapshot';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

/** Words that one job takes in a day from its page; more is no owner. */
const mostWordsADay = 40;

/** What the owner says on the page. */
export type OwnerSays =
  | { kind: 'ask'; said: string; by: string }
  | { kind: 'accepted' | 'refused'; quote: number; said: string; by: string; where: string }
  /** A way that was chosen of what waits for him, by its place; -1 for none of them. */
  | { kind: 'decide'; decision: string; way: number; said: string; by: string }
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
  const link = await openedLink(token);
  if (!link) return null;
  const number = link.job;
  const writer: Writer = { author: 'owner', rights: ['owner'] };
  // Asked before anything is carried out: what was answered is never without its word.
  if (hasSaidEnough(await loadOwnerWords(database(), number))) return enough;
  const before = await loadJob(database(), number);
  const about = aboutOf(says, before?.job.decisions ?? []);
  const outcome = await carriedOut(number, says, writer);
  if (outcome && outcome.status !== 'saved') return outcome;
  return write(writer, 'owner-says', { job: number }, async (connection): Promise<Prepared> => {
    const now = currentMinute();
    if (says.kind === 'ask' && hasSaidEnough(await loadOwnerWords(connection, number))) return enough;
    const word: OwnerWord = {
      kind: says.kind,
      about: about.slice(0, 80),
      said: says.said,
      saidBy: says.by,
      atMinute: now,
    };
    return {
      status: 'ok',
      room: number,
      kind: 'edit',
      label: says.kind === 'ask' ? 'the owner asks' : `the owner on ${about}`,
      undoable: false,
      changes: [wordInsert(number, randomUUID(), word)],
    };
  });
}

const enough = faulty('said', 'that is enough for one day; please call');
const hasSaidEnough = (words: readonly OwnerWord[]): boolean =>
  words.filter((one) => one.atMinute > currentMinute() - 1440).length >= mostWordsADay;

const aboutOf = (says: OwnerSays, decisions: readonly Decision[]): string => {
  switch (says.kind) {
    case 'decide': {
      const asked = decisions.find((one) => one.id === says.decision);
      return `${asked?.what ?? ''}: ${asked?.ways[says.way]?.name ?? 'no'}`;
    }
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
  if (says.kind === 'decide') return decided(number, says, on, writer);
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

/** A way that was chosen of what waits for the owner, or none of them. */
async function decided(
  number: string,
  says: Extract<OwnerSays, { kind: 'decide' }>,
  on: LocalDate,
  writer: Writer,
): Promise<EditOutcome> {
  const stored = await loadJob(database(), number);
  const asked = stored?.job.decisions.find((one) => one.id === says.decision && one.answer === 'open');
  if (!stored || !asked) return faulty('decision', 'no such question waits for a word');
  const own = {
    kind: 'answer-decision' as const,
    job: number,
    id: asked.id,
    seen: stored.versions[findingId(number, asked.id)]!,
    by: says.by,
    on,
    said: says.said.slice(0, 200),
  };
  return saveEdit(
    says.way < 0
      ? { ...own, answer: 'refused', chosen: null }
      : { ...own, answer: 'chosen', chosen: says.way },
    writer,
  );
}
