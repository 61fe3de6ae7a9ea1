import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Connection } from '../database/client';
import {
  decision,
  editRecord,
  handoverSignature,
  job,
  offer,
  ownerLink,
  ownerWord,
  sample,
  scopeChange,
  signOff,
  workingPlan,
} from '../database/schema';

/** What stands in place of a name that was erased. */
export const erasedName = 'erased';

/** The names under which an owner stands in a job: as its owner, and as who spoke on its page. */
export async function ownerNames(connection: Connection, number: string): Promise<string[]> {
  const [[head], words, links, offers] = await Promise.all([
    connection.select({ owner: job.owner }).from(job).where(eq(job.id, number)),
    connection.select({ by: ownerWord.saidBy }).from(ownerWord).where(eq(ownerWord.jobId, number)),
    connection.select({ by: ownerLink.forWhom }).from(ownerLink).where(eq(ownerLink.jobId, number)),
    connection.select({ by: offer.answeredBy }).from(offer).where(eq(offer.jobId, number)),
  ]);
  const all = [head?.owner ?? '', ...[...words, ...links, ...offers].map((one) => one.by)];
  return [...new Set(all)].filter((one) => one !== '' && one !== erasedName);
}

/**
 * Erases an owner from a job and from the record of its changes: names give way to one word, what was said on the page and
 * the links to it go. Quotes keep their sums, signatures their day and place.
 */
export async function eraseOwner(
  connection: Connection,
  number: string,
  names: readonly string[],
): Promise<void> {
  const named = [...names];
  await connection
    .update(job)
    .set({ owner: erasedName, version: sql`${job.version} + 1` })
    .where(eq(job.id, number));
  await connection.update(ownerWord).set({ said: '', saidBy: erasedName }).where(eq(ownerWord.jobId, number));
  await connection.delete(ownerLink).where(eq(ownerLink.jobId, number));
  if (named.length === 0) return;
  await connection
    .update(offer)
    .set({ answeredBy: erasedName })
    .where(and(eq(offer.jobId, number), inArray(offer.answeredBy, named)));
  await connection
    .update(handoverSignature)
    .set({ signedBy: erasedName })
    .where(and(eq(handoverSignature.jobId, number), eq(handoverSignature.side, 'owner')));
  await connection
    .update(decision)
    .set({ answeredBy: erasedName })
    .where(and(eq(decision.jobId, number), inArray(decision.answeredBy, named)));
  await connection
    .update(sample)
    .set({ by: erasedName })
    .where(and(eq(sample.jobId, number), inArray(sample.by, named)));
  await connection
    .update(signOff)
    .set({ name: erasedName })
    .where(and(eq(signOff.jobId, number), inArray(signOff.name, named)));
  await connection
    .update(scopeChange)
    .set({ agreedBy: erasedName })
    .where(and(eq(scopeChange.jobId, number), inArray(scopeChange.agreedBy, named)));
  await connection.delete(workingPlan).where(eq(workingPlan.jobId, number));
  for (const name of named) await eraseFromRecord(connection, number, name);
}

/** In documents of JSON a name stands as a text of its own, so nothing else is touched by its removal. */
async function eraseFromRecord(connection: Connection, number: string, name: string): Promise<void> {
  const [from, to] = [JSON.stringify(name), JSON.stringify(erasedName)];
  await connection
    .update(editRecord)
    .set({
      inverse: sql`replace(${editRecord.inverse}, ${from}, ${to})`,
      changes: sql`replace(${editRecord.changes}, ${from}, ${to})`,
    })
    .where(inArray(editRecord.room, [number, 'shop']));
  await connection
    .update(offer)
    .set({ document: sql`replace(${offer.document}, ${from}, ${to})` })
    .where(eq(offer.jobId, number));
}
