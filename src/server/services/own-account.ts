import { countFailure, shutFor } from '../access/attempts';
import { forgetDemo, type Caller } from '../access/caller';
import { nowSeconds } from '../access/now';
import { hashOf, isSecret, weakness } from '../access/passwords';
import { isToken, sha256 } from '../access/tokens';
import { database } from '../database/client';
import { log } from '../log';
import {
  accountById,
  accountOfLink,
  dropSecrets,
  keepSecret,
  secretOf,
  takeLink,
  type Account,
} from '../repositories/account-repository';
import { endSessionsOf } from '../repositories/session-repository';
import { loadShop } from '../repositories/shop-repository';
import { beginSession } from './sessions';
import type { From, SignedIn } from './sign-in';

type Done = { status: 'done' } | { status: 'refused'; place: string; reason: string };
const refused = (place: string, reason: string): Done => ({ status: 'refused', place, reason });

const namesNear = async ({ name, signIn }: Pick<Account, 'name' | 'signIn'>): Promise<string[]> => {
  const shop = (await loadShop(database()))?.shop.name ?? '';
  return [name, signIn, ...shop.split(/\s+/)];
};

/** Whose link this is; null for one that is none, was used or has ended. */
export async function accountBehind(token: string): Promise<Account | null> {
  if (!isToken(token)) return null;
  const id = await accountOfLink(database(), sha256(token), nowSeconds());
  const account = id === null ? null : await accountById(database(), id);
  return account && !account.ended ? account : null;
}

/** Sets a password by a link, once, and signs in; every session of before ends. */
export async function setByLink(token: string, password: string, from: From): Promise<SignedIn> {
  const minutes = await shutFor('address', from.address);
  if (minutes !== null) return { status: 'shut', minutes };
  const account = await accountBehind(token);
  if (!account) {
    await countFailure('address', from.address);
    return { status: 'refused', reason: 'This link opens nothing: it was used, or a day has passed.' };
  }
  const weak = await weakness(password, await namesNear(account));
  if (weak !== null) return { status: 'refused', reason: weak };
  const secret = await hashOf(password);
  const taken = await database().transaction(async (one) => {
    if (!(await takeLink(one, sha256(token)))) return false;
    await keepSecret(one, account.id, 'password', secret, nowSeconds());
    await endSessionsOf(one, account.id, null);
    return true;
  });
  if (!taken) return { status: 'refused', reason: 'This link was used a moment ago.' };
  forgetDemo();
  log().warn({ account: account.id }, 'a password was set by a link');
  const isHalf = (await secretOf(database(), account.id, 'totp')) !== null;
  const begun = await beginSession({
    accountId: account.id,
    how: isHalf ? 'password' : 'link',
    isHalf,
    tabletId: null,
    agent: from.agent,
  });
  return { status: 'in', begun, needs: isHalf ? 'second-factor' : null };
}

/** Whether this is the password of who asks; wrong ones are counted. */
async function proves(caller: Caller, password: string): Promise<Done> {
  if (caller.accountId === null) return refused('password', 'nobody is signed in');
  const minutes = await shutFor('factor', caller.accountId);
  if (minutes !== null) return refused('password', `too many wrong passwords: wait ${minutes} minutes`);
  const kept = await secretOf(database(), caller.accountId, 'password');
  if (await isSecret(password, kept?.secret ?? null)) return { status: 'done' };
  await countFailure('factor', caller.accountId);
  return refused('password', 'the present password is wrong');
}

/** Changes one's own password; other sessions of the account end. */
export async function changePassword(caller: Caller, present: string, next: string): Promise<Done> {
  const proven = await proves(caller, present);
  if (proven.status !== 'done' || caller.accountId === null) return proven;
  const account = await accountById(database(), caller.accountId);
  if (!account) return refused('password', 'there is no such account');
  const weak = await weakness(next, await namesNear(account));
  if (weak !== null) return refused('next', weak);
  await keepSecret(database(), account.id, 'password', await hashOf(next), nowSeconds());
  await endSessionsOf(database(), account.id, caller.session);
  log().warn({ account: account.id }, 'a password was changed');
  return { status: 'done' };
}

/** Takes one's own second factor away, with the password. */
export async function dropOwnFactor(caller: Caller, present: string): Promise<Done> {
  const proven = await proves(caller, present);
  if (proven.status !== 'done' || caller.accountId === null) return proven;
  await dropSecrets(database(), caller.accountId, ['totp', 'totp-asked', 'recovery']);
  log().warn({ account: caller.accountId }, 'a second factor was taken away');
  return { status: 'done' };
}
