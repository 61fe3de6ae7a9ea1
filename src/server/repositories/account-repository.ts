import { and, asc, eq, inArray, lt, sql } from 'drizzle-orm';
import type { AccountRole } from '../../core/rights';
import type { Connection } from '../database/client';
import { account, credential, oneTimeLink } from '../database/schema';
import type { CredentialKind } from '../database/schema/credential';
import { insert, update, type Cells, type RowChange } from './row-change';

/** Somebody who signs in. */
export interface Account {
  id: string;
  name: string;
  signIn: string;
  role: AccountRole;
  personId: string | null;
  licence: string;
  ended: boolean;
  isDemo: boolean;
}

/** An account with what it has to sign in with, as the manager sees it. */
export interface AccountSeen extends Account {
  seen: number;
  has: CredentialKind[];
}

export async function loadAccounts(connection: Connection): Promise<AccountSeen[]> {
  const [rows, owned] = await Promise.all([
    connection.select().from(account).orderBy(asc(account.ended), asc(account.name)),
    connection.select({ accountId: credential.accountId, kind: credential.kind }).from(credential),
  ]);
  return rows.map(({ version, ...one }) => ({
    ...one,
    seen: version,
    has: owned.filter((other) => other.accountId === one.id).map((other) => other.kind),
  }));
}

async function oneAccount(
  connection: Connection,
  where: ReturnType<typeof eq>,
): Promise<(Account & { seen: number }) | null> {
  const [row] = await connection.select().from(account).where(where).limit(1);
  if (!row) return null;
  const { version, ...one } = row;
  return { ...one, seen: version };
}

export const accountById = (connection: Connection, id: string) => oneAccount(connection, eq(account.id, id));
export const accountBySignIn = (connection: Connection, signIn: string) =>
  oneAccount(connection, eq(account.signIn, signIn));

/** Names of authors; who has no account is not in it. */
export async function namesOf(
  connection: Connection,
  authors: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  if (authors.length === 0) return new Map();
  const rows = await connection
    .select({ id: account.id, name: account.name })
    .from(account)
    .where(inArray(account.id, [...new Set(authors)]));
  return new Map(rows.map((one) => [one.id, one.name]));
}

export const accountInsert = (one: Account): RowChange => insert('account', one);
export const accountUpdate = (id: string, seen: number, set: Cells['account']): RowChange =>
  update('account', id, seen, set);

/** Whether anybody can sign in with a password: from then on nobody is signed in by itself. */
export async function anyPassword(connection: Connection): Promise<boolean> {
  const rows = await connection
    .select({ one: sql`1` })
    .from(credential)
    .where(eq(credential.kind, 'password'))
    .limit(1);
  return rows.length > 0;
}

/** The account that came with the demo scenario for a role; null where there is none. */
export async function demoAccount(connection: Connection, role: AccountRole): Promise<Account | null> {
  return oneAccount(
    connection,
    and(eq(account.isDemo, true), eq(account.role, role), eq(account.ended, false))!,
  );
}

export async function secretOf(
  connection: Connection,
  accountId: string,
  kind: CredentialKind,
): Promise<{ secret: string; lastStep: number } | null> {
  const [row] = await connection
    .select({ secret: credential.secret, lastStep: credential.lastStep })
    .from(credential)
    .where(and(eq(credential.accountId, accountId), eq(credential.kind, kind)))
    .limit(1);
  return row ?? null;
}

export async function keepSecret(
  connection: Connection,
  accountId: string,
  kind: CredentialKind,
  secret: string,
  changedAt: number,
): Promise<void> {
  await connection
    .insert(credential)
    .values({ accountId, kind, secret, changedAt })
    .onDuplicateKeyUpdate({ set: { secret, changedAt, lastStep: 0 } });
}

/** Takes a step of the second factor, once. @returns false where it, or a later one, was used before */
export async function takeStep(connection: Connection, accountId: string, step: number): Promise<boolean> {
  const [done] = await connection
    .update(credential)
    .set({ lastStep: step })
    .where(
      and(eq(credential.accountId, accountId), eq(credential.kind, 'totp'), lt(credential.lastStep, step)),
    );
  return done.affectedRows === 1;
}

export async function dropSecrets(
  connection: Connection,
  accountId: string,
  kinds: readonly CredentialKind[],
): Promise<void> {
  await connection
    .delete(credential)
    .where(and(eq(credential.accountId, accountId), inArray(credential.kind, [...kinds])));
}

/** A link that sets a password; an earlier one of the account opens nothing any more. */
export async function keepLink(
  connection: Connection,
  tokenSha256: string,
  accountId: string,
  endsAt: number,
): Promise<void> {
  await connection.delete(oneTimeLink).where(eq(oneTimeLink.accountId, accountId));
  await connection.insert(oneTimeLink).values({ tokenSha256, accountId, endsAt });
}

/** The account of a link that has not ended; null for any other. */
export async function accountOfLink(
  connection: Connection,
  tokenSha256: string,
  now: number,
): Promise<string | null> {
  const [row] = await connection
    .select()
    .from(oneTimeLink)
    .where(eq(oneTimeLink.tokenSha256, tokenSha256))
    .limit(1);
  return row && row.endsAt > now ? row.accountId : null;
}

/** Takes a link, once. @returns false where somebody took it before */
export async function takeLink(connection: Connection, tokenSha256: string): Promise<boolean> {
  const [done] = await connection.delete(oneTimeLink).where(eq(oneTimeLink.tokenSha256, tokenSha256));
  return done.affectedRows === 1;
}
