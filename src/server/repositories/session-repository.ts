import { and, desc, eq, gt, like, lt, ne } from 'drizzle-orm';
import type { AccountRole, TabletRole } from '../../core/rights';
import type { Connection } from '../database/client';
import { account, credential, session, tablet } from '../database/schema';
import type { Account } from './account-repository';

type SessionRow = typeof session.$inferSelect;
export type NewSession = SessionRow;

/** A session that stands, with whom it belongs to. */
export interface StandingSession {
  tokenSha256: string;
  how: SessionRow['how'];
  isHalf: boolean;
  startedAt: number;
  seenAt: number;
  account: Account;
  hasSecondFactor: boolean;
  /** Set for a badge that was tapped on a tablet. */
  tablet: { id: string; role: TabletRole; placeId: string | null } | null;
}

export async function keepSession(connection: Connection, row: NewSession): Promise<void> {
  await connection.insert(session).values(row);
}

/** A session by the hash of its token, read in one statement; null where it, its account or its tablet has ended. */
export async function standingSession(
  connection: Connection,
  tokenSha256: string,
  now: number,
): Promise<StandingSession | null> {
  const [row] = await connection
    .select({ session, account, tablet, factor: credential.accountId })
    .from(session)
    .innerJoin(account, eq(account.id, session.accountId))
    .leftJoin(tablet, eq(tablet.id, session.tabletId))
    .leftJoin(credential, and(eq(credential.accountId, session.accountId), eq(credential.kind, 'totp')))
    .where(and(eq(session.tokenSha256, tokenSha256), gt(session.endsAt, now), eq(account.ended, false)))
    .limit(1);
  if (!row || row.tablet?.ended) return null;
  const { how, isHalf, startedAt, seenAt } = row.session;
  const { version: _seen, ...own } = row.account;
  return {
    tokenSha256,
    how,
    isHalf,
    startedAt,
    seenAt,
    account: own,
    hasSecondFactor: row.factor !== null,
    tablet: row.tablet && { id: row.tablet.id, role: row.tablet.role, placeId: row.tablet.placeId },
  };
}

/** Writes down that a session is used, and until when it stands if it stays idle. */
export async function touchSession(
  connection: Connection,
  tokenSha256: string,
  seenAt: number,
  endsAt: number,
): Promise<void> {
  await connection.update(session).set({ seenAt, endsAt }).where(eq(session.tokenSha256, tokenSha256));
}

/** A session as a list shows it. */
export interface SessionListed {
  /** The first sixteen signs of its hash: enough to name it, no use to anybody else. */
  key: string;
  accountId: string;
  name: string;
  role: AccountRole;
  how: SessionRow['how'];
  tablet: string | null;
  agent: string;
  startedAt: number;
  seenAt: number;
}

const keyLength = 16;
export const sessionKey = (tokenSha256: string): string => tokenSha256.slice(0, keyLength);

/** Sessions that stand, the latest used first. @param accountId null for those of everybody */
export async function listSessions(
  connection: Connection,
  accountId: string | null,
  now: number,
): Promise<SessionListed[]> {
  const rows = await connection
    .select({ session, name: account.name, role: account.role, tablet: tablet.name })
    .from(session)
    .innerJoin(account, eq(account.id, session.accountId))
    .leftJoin(tablet, eq(tablet.id, session.tabletId))
    .where(
      and(
        gt(session.endsAt, now),
        eq(session.isHalf, false),
        accountId === null ? undefined : eq(session.accountId, accountId),
      ),
    )
    .orderBy(desc(session.seenAt))
    .limit(200);
  return rows.map((one) => ({
    key: sessionKey(one.session.tokenSha256),
    accountId: one.session.accountId,
    name: one.name,
    role: one.role,
    how: one.session.how,
    tablet: one.tablet,
    agent: one.session.agent,
    startedAt: one.session.startedAt,
    seenAt: one.session.seenAt,
  }));
}

/** Ends a session by its hash. */
export async function endSession(connection: Connection, tokenSha256: string): Promise<void> {
  await connection.delete(session).where(eq(session.tokenSha256, tokenSha256));
}

/** Ends a session by the key of the list, sixteen signs of a hash. @param accountId whose it must be; null for anybody's   @returns whether there was one */
export async function endListedSession(
  connection: Connection,
  key: string,
  accountId: string | null,
): Promise<boolean> {
  const [done] = await connection
    .delete(session)
    .where(
      and(
        like(session.tokenSha256, `${key}%`),
        accountId === null ? undefined : eq(session.accountId, accountId),
      ),
    );
  return done.affectedRows > 0;
}

/** Ends the sessions of an account. @param but the one that stays; null for none */
export async function endSessionsOf(
  connection: Connection,
  accountId: string,
  but: string | null,
): Promise<void> {
  await connection
    .delete(session)
    .where(and(eq(session.accountId, accountId), but === null ? undefined : ne(session.tokenSha256, but)));
}

/** Badges that are tapped in on a tablet are gone with it. */
export async function endSessionsOnTablet(connection: Connection, tabletId: string): Promise<void> {
  await connection.delete(session).where(eq(session.tabletId, tabletId));
}

/** Sessions that have ended are of no more use. */
export async function dropEndedSessions(connection: Connection, now: number): Promise<void> {
  await connection.delete(session).where(lt(session.endsAt, now));
}
