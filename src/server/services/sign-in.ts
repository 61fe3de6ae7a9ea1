import { countFailure, forgetFailures, shutFor, type Attempt } from '../access/attempts';
import type { Caller } from '../access/caller';
import { isSecret } from '../access/passwords';
import { database } from '../database/client';
import { log } from '../log';
import { accountById, accountBySignIn, secretOf } from '../repositories/account-repository';
import { beginSession, endOwnSession, type Begun } from './sessions';
import { isSecondFactor } from './second-factor';

/** What comes of a try to sign in. */
export type SignedIn =
  | { status: 'in'; begun: Begun; needs: 'second-factor' | null }
  | { status: 'refused'; reason: string }
  | { status: 'shut'; minutes: number };

/** From where somebody tries. */
export interface From {
  address: string;
  agent: string;
}

/** Looks whether any of these counts is full. */
async function shut(counts: readonly (readonly [Attempt, string])[]): Promise<number | null> {
  const minutes = await Promise.all(counts.map(([kind, key]) => shutFor(kind, key)));
  const standing = minutes.flatMap((one) => one ?? []);
  return standing.length > 0 ? Math.max(...standing) : null;
}

async function failed(counts: readonly (readonly [Attempt, string])[], what: string): Promise<void> {
  log().warn({ what }, 'a sign-in was refused');
  for (const [kind, key] of counts) await countFailure(kind, key);
}

/** Signs in by name and password. A wrong name takes as long as a wrong password and is told in the same words. */
export async function signIn(signInName: string, password: string, from: From): Promise<SignedIn> {
  const name = signInName.trim().toLowerCase();
  const counts = [
    ['name', `${name.slice(0, 60)} ${from.address}`],
    ['address', from.address],
  ] as const;
  const minutes = await shut(counts);
  if (minutes !== null) return { status: 'shut', minutes };
  const account = await accountBySignIn(database(), name);
  const kept = account && !account.ended ? await secretOf(database(), account.id, 'password') : null;
  if (!(await isSecret(password, kept?.secret ?? null)) || !account) {
    await failed(counts, 'password');
    return { status: 'refused', reason: 'Name or password is wrong.' };
  }
  await forgetFailures(...counts[0]);
  const isHalf = (await secretOf(database(), account.id, 'totp')) !== null;
  const begun = await beginSession({
    accountId: account.id,
    how: 'password',
    isHalf,
    tabletId: null,
    agent: from.agent,
  });
  return { status: 'in', begun, needs: isHalf ? 'second-factor' : null };
}

/** The second thing that somebody proves it by, after the password: a code of the telephone, or a recovery code. */
export async function enterSecondFactor(caller: Caller, code: string, from: From): Promise<SignedIn> {
  const { accountId, session } = caller;
  if (accountId === null || session === null || caller.needs !== 'second-factor')
    return { status: 'refused', reason: 'Sign in with name and password first.' };
  const counts = [['factor', accountId]] as const;
  const minutes = await shut(counts);
  if (minutes !== null) return { status: 'shut', minutes };
  if (!(await isSecondFactor(accountId, code))) {
    await failed(counts, 'second factor');
    return { status: 'refused', reason: 'This code is wrong, or was used before.' };
  }
  await forgetFailures(...counts[0]);
  await endOwnSession(session);
  const begun = await beginSession({
    accountId,
    how: 'password',
    isHalf: false,
    tabletId: null,
    agent: from.agent,
  });
  return { status: 'in', begun, needs: null };
}

/** Taps a badge on a paired tablet: the person is named, four digits show that it is they. */
export async function tapBadge(
  caller: Caller,
  accountId: string,
  code: string,
  from: From,
): Promise<SignedIn> {
  const { tabletId } = caller;
  if (tabletId === null) return { status: 'refused', reason: 'Badge codes are for tablets that are paired.' };
  const counts = [
    ['badge', `${tabletId} ${accountId.slice(0, 60)}`],
    ['tablet', tabletId],
  ] as const;
  const minutes = await shut(counts);
  if (minutes !== null) return { status: 'shut', minutes };
  const account = await accountById(database(), accountId);
  const kept = account && !account.ended ? await secretOf(database(), account.id, 'badge') : null;
  if (!(await isSecret(code, kept?.secret ?? null)) || !account) {
    await failed(counts, 'badge');
    return { status: 'refused', reason: 'This badge code is wrong.' };
  }
  await forgetFailures(...counts[0]);
  if (caller.session !== null) await endOwnSession(caller.session);
  const begun = await beginSession({
    accountId: account.id,
    how: 'badge',
    isHalf: false,
    tabletId,
    agent: from.agent,
  });
  return { status: 'in', begun, needs: null };
}
