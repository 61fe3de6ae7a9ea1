import { randomUUID } from 'node:crypto';
import type { AccountRole } from '../../core/rights';
import { forgetDemo } from '../access/caller';
import { nowSeconds } from '../access/now';
import { hashOf } from '../access/passwords';
import { newToken, sha256 } from '../access/tokens';
import { database, type Connection } from '../database/client';
import {
  accountById,
  accountInsert,
  accountUpdate,
  dropSecrets,
  keepLink,
  keepSecret,
  loadAccounts,
  type AccountSeen,
} from '../repositories/account-repository';
import { endSessionsOf } from '../repositories/session-repository';
import { loadShop } from '../repositories/shop-repository';
import { faulty, commandWriter, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { AccountSeen };

/** What a manager says of an account. */
export interface AccountGiven {
  name: string;
  signIn: string;
  role: AccountRole;
  personId: string | null;
  licence: string;
}

const mostAccounts = 200;
/** How long a link waits that lets somebody set a password, seconds. */
export const linkSeconds = 24 * 3600;

const saved = (label: string, changes: Extract<Prepared, { status: 'ok' }>['changes']): Prepared => ({
  status: 'ok',
  room: 'shop',
  kind: 'edit',
  label,
  changes,
  undoable: false,
});

export const accounts = (): Promise<AccountSeen[]> => loadAccounts(database());

/** What speaks against an account as it would stand beside the others; null where nothing does. */
async function accountFault(connection: Connection, given: AccountGiven, others: readonly AccountSeen[]) {
  if (others.some((one) => one.signIn === given.signIn))
    return faulty('signIn', `“${given.signIn}” signs in already`);
  const people = (await loadShop(connection))?.shop.people ?? [];
  if (given.personId !== null && !people.some((one) => one.id === given.personId))
    return faulty('personId', 'nobody of that name works here');
  if (given.personId !== null && others.some((one) => one.personId === given.personId && !one.ended))
    return faulty('personId', 'that person has an account');
  return given.role === 'engineer' && given.licence === ''
    ? faulty('licence', 'a licensed engineer has a licence: enter its reference')
    : null;
}

/** Makes an account; it signs in once its link was used. */
export async function makeAccount(
  given: AccountGiven,
  writer: Writer,
): Promise<{ outcome: EditOutcome; id: string }> {
  const id = randomUUID();
  const outcome = await write(writer, 'account', 'shop', async (connection): Promise<Prepared> => {
    const others = await loadAccounts(connection);
    if (others.length >= mostAccounts)
      return faulty('signIn', `a shop has at most ${mostAccounts} accounts, ended ones among them`);
    const fault = await accountFault(connection, given, others);
    if (fault) return fault;
    return saved(`account ${given.signIn} made`, [
      accountInsert({ id, ...given, ended: false, isDemo: false }),
    ]);
  });
  return { outcome, id };
}

/** A shop is never without somebody who may make accounts. */
const isLastManager = (id: string, all: readonly AccountSeen[]): boolean =>
  !all.some((one) => one.id !== id && one.role === 'manager' && !one.ended && one.has.includes('password'));

/** Changes an account; one that ends, or changes its role, is signed out everywhere. */
export const changeAccount = (
  id: string,
  seen: number,
  given: AccountGiven & { ended: boolean },
  writer: Writer,
): Promise<EditOutcome> =>
  write(writer, 'account', 'shop', async (connection): Promise<Prepared> => {
    const all = await loadAccounts(connection);
    const before = all.find((one) => one.id === id);
    if (!before) return faulty('account', 'there is no such account');
    const fault = await accountFault(
      connection,
      given,
      all.filter((one) => one.id !== id),
    );
    if (fault) return fault;
    const leaves = before.role === 'manager' && (given.ended || given.role !== 'manager');
    if (leaves && isLastManager(id, all))
      return faulty('role', 'this is the last manager who can sign in: make another first');
    const { name, signIn, role, personId, licence, ended } = given;
    const prepared = saved(`account ${signIn} ${ended && !before.ended ? 'ended' : 'changed'}`, [
      accountUpdate(id, seen, { name, signIn, role, personId, licence, ended }),
    ]);
    if (prepared.status !== 'ok' || (!ended && role === before.role)) return prepared;
    return { ...prepared, also: (one) => endSessionsOf(one, id, null) };
  });

/**
 * Makes a link by which somebody sets a new password, once and within a day. It is told once: only its hash is kept. Who
 * is signed in stays so until it is used.
 */
export async function makeAccountLink(
  id: string,
  writer: Writer,
): Promise<{ outcome: EditOutcome; token: string }> {
  const token = newToken();
  const outcome = await write(writer, 'account', 'shop', async (connection): Promise<Prepared> => {
    const account = await accountById(connection, id);
    if (!account || account.ended) return faulty('account', 'there is no such account, or it has ended');
    const prepared = saved(`link to set a password made for ${account.signIn}`, []);
    if (prepared.status !== 'ok') return prepared;
    return {
      ...prepared,
      also: (one) => keepLink(one, sha256(token), id, nowSeconds() + linkSeconds),
    };
  });
  return { outcome, token };
}

/** Sets the badge code of an account, or takes it away. @param code four digits; null for none */
export async function setBadge(id: string, code: string | null, writer: Writer): Promise<EditOutcome> {
  const kept = code === null ? null : await hashOf(code);
  return write(writer, 'account', 'shop', async (connection): Promise<Prepared> => {
    const account = await accountById(connection, id);
    if (!account || account.ended) return faulty('account', 'there is no such account, or it has ended');
    const prepared = saved(`badge code of ${account.signIn} ${kept === null ? 'taken away' : 'set'}`, []);
    if (prepared.status !== 'ok') return prepared;
    return {
      ...prepared,
      also: (one) =>
        kept === null ? dropSecrets(one, id, ['badge']) : keepSecret(one, id, 'badge', kept, nowSeconds()),
    };
  });
}

/** Takes the second factor of an account away, for one who lost the telephone; the next sign-in is by password alone. */
export const dropSecondFactor = (id: string, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'account', 'shop', async (connection): Promise<Prepared> => {
    const account = await accountById(connection, id);
    if (!account) return faulty('account', 'there is no such account');
    const prepared = saved(`second factor of ${account.signIn} taken away`, []);
    if (prepared.status !== 'ok') return prepared;
    return {
      ...prepared,
      also: async (one) => {
        await dropSecrets(one, id, ['totp', 'totp-asked', 'recovery']);
        await endSessionsOf(one, id, null);
      },
    };
  });

/**
 * The link of the first manager, for the start command. It is made anew with each start until a manager has a password.
 * @returns null where one has
 */
export async function firstManagerLink(): Promise<string | null> {
  const all = await loadAccounts(database());
  if (all.some((one) => one.role === 'manager' && !one.ended && one.has.includes('password'))) return null;
  const known = all.find((one) => one.role === 'manager' && !one.ended && !one.isDemo);
  const id = known?.id ?? (await firstManager());
  const { outcome, token } = await makeAccountLink(id, commandWriter);
  if (outcome.status !== 'saved') throw new Error(`the link was not made: ${JSON.stringify(outcome)}`);
  return token;
}

async function firstManager(): Promise<string> {
  const given = { name: 'Manager', signIn: 'manager', role: 'manager' as const, personId: null, licence: '' };
  const { outcome, id } = await makeAccount(given, commandWriter);
  if (outcome.status !== 'saved') throw new Error(`no account was made: ${JSON.stringify(outcome)}`);
  forgetDemo();
  return id;
}
