import { and, asc, eq, gt, inArray, isNull } from 'drizzle-orm';
import type { TabletRole } from '../../core/rights';
import type { Connection } from '../database/client';
import { tablet } from '../database/schema';
import { insert, update, type Cells, type RowChange } from './row-change';

type TabletRow = typeof tablet.$inferSelect;

/** A tablet as the manager sees it. Times in seconds since 1970. */
export interface TabletSeen {
  id: string;
  name: string;
  placeId: string | null;
  role: TabletRole;
  codeEndsAt: number;
  pairedAt: number | null;
  ended: boolean;
  seen: number;
}

const seenOf = ({ version, secretSha256: _secret, ...one }: TabletRow): TabletSeen => ({
  ...one,
  seen: version,
});

export async function loadTablets(connection: Connection): Promise<TabletSeen[]> {
  const rows = await connection.select().from(tablet).orderBy(asc(tablet.ended), asc(tablet.name)).limit(200);
  return rows.map(seenOf);
}

/** Names of tablets, by their ids. */
export async function tabletNames(
  connection: Connection,
  ids: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  if (ids.length === 0) return new Map();
  const rows = await connection
    .select({ id: tablet.id, name: tablet.name })
    .from(tablet)
    .where(inArray(tablet.id, [...new Set(ids)]));
  return new Map(rows.map((one) => [one.id, one.name]));
}

/** The paired tablet of a token, by its hash; null where it was taken back. */
export async function pairedTablet(connection: Connection, sha256: string): Promise<TabletSeen | null> {
  const [row] = await connection.select().from(tablet).where(eq(tablet.secretSha256, sha256)).limit(1);
  return row && row.pairedAt !== null && !row.ended ? seenOf(row) : null;
}

/**
 * Pairs the tablet that waits for this code, once: its code gives way to its token.
 * @returns null where no tablet waits for it
 */
export async function pairWaiting(
  connection: Connection,
  codeSha256: string,
  tokenSha256: string,
  now: number,
): Promise<TabletSeen | null> {
  const waits = and(
    eq(tablet.secretSha256, codeSha256),
    isNull(tablet.pairedAt),
    eq(tablet.ended, false),
    gt(tablet.codeEndsAt, now),
  );
  const [row] = await connection.select().from(tablet).where(waits).limit(1);
  if (!row) return null;
  const [done] = await connection
    .update(tablet)
    .set({ secretSha256: tokenSha256, codeEndsAt: 0, pairedAt: now, version: row.version + 1 })
    .where(waits);
  return done.affectedRows === 1 ? { ...seenOf(row), pairedAt: now, codeEndsAt: 0 } : null;
}

export const tabletInsert = (row: Omit<TabletRow, 'version'>): RowChange => insert('tablet', row);
export const tabletUpdate = (id: string, seen: number, set: Cells['tablet']): RowChange =>
  update('tablet', id, seen, set);
