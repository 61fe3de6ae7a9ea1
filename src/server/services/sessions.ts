import { nowSeconds } from '../access/now';
import { sealed } from '../access/seal';
import { longest, sessionEnd } from '../access/session-length';
import { newToken, sha256 } from '../access/tokens';
import { database } from '../database/client';
import {
  dropEndedSessions,
  endListedSession,
  endSession,
  endSessionsOf,
  keepSession,
  listSessions,
  type NewSession,
  type SessionListed,
} from '../repositories/session-repository';

export type { SessionListed };

/** What begins a session. */
interface Begin {
  accountId: string;
  how: NewSession['how'];
  isHalf: boolean;
  tabletId: string | null;
  agent: string;
}

/** A session as its cookie carries it. */
export interface Begun {
  seal: string;
  seconds: number;
}

/** Begins a session; every sign-in begins another, so that no cookie of before is worth anything. */
export async function beginSession({ accountId, how, isHalf, tabletId, agent }: Begin): Promise<Begun> {
  const token = newToken();
  const now = nowSeconds();
  await dropEndedSessions(database(), now);
  await keepSession(database(), {
    tokenSha256: sha256(token),
    accountId,
    tabletId,
    how,
    isHalf,
    startedAt: now,
    seenAt: now,
    // Half signed in is not for long.
    endsAt: isHalf ? now + 600 : sessionEnd(how, now, now),
    agent: agent.slice(0, 120),
  });
  return { seal: await sealed(token), seconds: isHalf ? 600 : longest(how) };
}

export const endOwnSession = (tokenSha256: string): Promise<void> => endSession(database(), tokenSha256);

/** Ends every session of an account. */
export const endSessionsOfAccount = (accountId: string): Promise<void> =>
  endSessionsOf(database(), accountId, null);

/** Sessions that stand. @param accountId whose; null for those of everybody */
export const sessionsOf = (accountId: string | null): Promise<SessionListed[]> =>
  listSessions(database(), accountId, nowSeconds());

/** Takes a session back. @param accountId whose it must be; null for a manager, who takes back any   @returns whether there was one */
export async function takeBackSession(key: string, accountId: string | null): Promise<boolean> {
  return /^[0-9a-f]{16}$/.test(key) && endListedSession(database(), key, accountId);
}
