import { asc, desc, eq, sql } from 'drizzle-orm';
import type { LocalDate, Minute } from '../../core/units';
import type { Connection } from '../database/client';
import { ownerLink, ownerWord } from '../database/schema';
import { insert, update, type RowChange } from './row-change';

/** A link as the manager sees it; the link itself is nowhere kept. */
export interface OwnerLink {
  id: string;
  forWhom: string;
  madeOn: LocalDate;
  until: LocalDate;
  revokedOn: LocalDate | null;
  uses: number;
  lastUsedMin: Minute | null;
  seen: number;
}

const own = (number: string, id: string): string => id.slice(number.length + 1);

/** Links of a job, the latest first. */
export async function loadOwnerLinks(connection: Connection, number: string): Promise<OwnerLink[]> {
  const rows = await connection
    .select()
    .from(ownerLink)
    .where(eq(ownerLink.jobId, number))
    .orderBy(desc(ownerLink.madeOn), asc(ownerLink.id));
  return rows.map(({ id, forWhom, madeOn, until, revokedOn, uses, lastUsedMin, version }) => ({
    id: own(number, id),
    forWhom,
    madeOn,
    until,
    revokedOn,
    uses,
    lastUsedMin,
    seen: version,
  }));
}

/** A link by its hash, whatever has become of it; null for one that is none. */
export async function linkByHash(
  connection: Connection,
  tokenSha256: string,
): Promise<{ job: string; id: string; until: LocalDate; revokedOn: LocalDate | null } | null> {
  const [row] = await connection
    .select()
    .from(ownerLink)
    .where(eq(ownerLink.tokenSha256, tokenSha256))
    .limit(1);
  return row ? { job: row.jobId, id: row.id, until: row.until, revokedOn: row.revokedOn } : null;
}

/** A use of a link is counted beside its version: nobody edits it meanwhile. */
export async function countUse(connection: Connection, id: string, now: Minute): Promise<void> {
  await connection
    .update(ownerLink)
    .set({ uses: sql`${ownerLink.uses} + 1`, lastUsedMin: now })
    .where(eq(ownerLink.id, id));
}

export const linkInsert = (
  number: string,
  id: string,
  link: { tokenSha256: string; forWhom: string; madeOn: LocalDate; until: LocalDate },
): RowChange =>
  insert('ownerLink', {
    id: `${number}/${id}`,
    jobId: number,
    tokenSha256: link.tokenSha256,
    forWhom: link.forWhom,
    madeOn: link.madeOn,
    until: link.until,
    revokedOn: null,
    uses: 0,
    lastUsedMin: null,
  });

export const linkRevoked = (number: string, id: string, seen: number, on: LocalDate): RowChange =>
  update('ownerLink', `${number}/${id}`, seen, { revokedOn: on });

/** Something the owner said on the page. */
export interface OwnerWord {
  kind: string;
  about: string;
  said: string;
  saidBy: string;
  atMinute: Minute;
}

/** What the owner said, the latest first. */
export async function loadOwnerWords(connection: Connection, number: string): Promise<OwnerWord[]> {
  const rows = await connection
    .select()
    .from(ownerWord)
    .where(eq(ownerWord.jobId, number))
    .orderBy(desc(ownerWord.atMinute))
    .limit(200);
  return rows.map(({ kind, about, said, saidBy, atMinute }) => ({ kind, about, said, saidBy, atMinute }));
}

export const wordInsert = (number: string, id: string, word: OwnerWord): RowChange =>
  insert('ownerWord', {
    id: `${number}/${id}`,
    jobId: number,
    kind: word.kind,
    about: word.about,
    said: word.said,
    saidBy: word.saidBy,
    atMinute: word.atMinute,
  });
