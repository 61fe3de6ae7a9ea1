import type { AccountRole, Rights } from '../../core/rights';
import { database } from '../database/client';
import { anyPassword, demoAccount } from '../repositories/account-repository';
import { standingSession, touchSession, type StandingSession } from '../repositories/session-repository';
import { pairedTablet } from '../repositories/tablet-repository';
import { demoCookie, sessionCookie, tabletCookie } from './cookies';
import { nowSeconds } from './now';
import { isForwarded, isLoopbackOnly } from './on-net';
import { unsealed } from './seal';
import { sessionEnd } from './session-length';
import { accountRoles } from '../../core/rights';
import { sha256 } from './tokens';

/** Who asks, and what they may. */
export interface Caller {
  /** Null for a tablet on which nobody tapped a badge. */
  accountId: string | null;
  name: string;
  role: AccountRole | null;
  licence: string;
  rights: Rights;
  how: 'password' | 'badge' | 'link' | 'demo' | 'tablet';
  tabletId: string | null;
  /** Hash of the session's token; null where there is no session: in the demo, on a bare tablet. */
  session: string | null;
  hasSecondFactor: boolean;
  /** Set while rights are held back: what has to be done first. */
  needs: 'second-factor' | 'own-second-factor' | null;
}

/** What is read of a request. */
export interface Asked {
  cookie(name: string): string | undefined;
  header(name: string): string | null;
}

/** Between two notes that a session is used, seconds. */
const noteEvery = 60;

/** A manager who reaches it over the network proves it by two things; until then a manager reads. */
function rightsOf(one: StandingSession): Pick<Caller, 'rights' | 'needs'> {
  const { role } = one.account;
  if (one.isHalf) return { rights: [], needs: 'second-factor' };
  if (one.tablet) return { rights: [role, one.tablet.role], needs: null };
  if (role === 'manager' && !one.hasSecondFactor && !isLoopbackOnly())
    return { rights: ['manager', 'reader'], needs: 'own-second-factor' };
  return { rights: [role], needs: null };
}

async function bySession(seal: string): Promise<Caller | null> {
  const token = await unsealed(seal);
  if (token === null) return null;
  const now = nowSeconds();
  const one = await standingSession(database(), sha256(token), now);
  if (!one) return null;
  // A clock that was put back is not believed to have run backwards.
  if (now - one.seenAt >= noteEvery)
    await touchSession(database(), one.tokenSha256, now, sessionEnd(one.how, one.startedAt, now));
  const { id, name, role, licence } = one.account;
  return {
    accountId: id,
    name,
    role,
    licence,
    how: one.how,
    tabletId: one.tablet?.id ?? null,
    session: one.tokenSha256,
    hasSecondFactor: one.hasSecondFactor,
    ...rightsOf(one),
  };
}

/** A tablet reads what its role and a reader read; it writes nothing until a badge is tapped. */
async function byTablet(seal: string): Promise<Caller | null> {
  const token = await unsealed(seal);
  const found = token === null ? null : await pairedTablet(database(), sha256(token));
  return (
    found && {
      accountId: null,
      name: found.name,
      role: null,
      licence: '',
      rights: [found.role, 'reader'],
      how: 'tablet',
      tabletId: found.id,
      session: null,
      hasSecondFactor: false,
      needs: null,
    }
  );
}

/** How long it is believed that nobody has a password yet, seconds. */
const believed = 1;
const store = globalThis as typeof globalThis & { coatrelDemo?: { until: number; open: boolean } };

/** Asks anew at the next look, because somebody has set a password. */
export function forgetDemo(): void {
  delete store.coatrelDemo;
}

/** The demo signs people in by itself: on this machine alone, and until somebody sets a password. */
async function isDemoOpen(): Promise<boolean> {
  if (!isLoopbackOnly()) return false;
  const now = nowSeconds();
  const known = store.coatrelDemo;
  if (known && known.until > now && known.until <= now + believed) return known.open;
  const open = (await demoAccount(database(), 'manager')) !== null && !(await anyPassword(database()));
  store.coatrelDemo = { until: now + believed, open };
  return open;
}

/** Who the demo makes of somebody who did not sign in; the cookie says as which role it is tried out. */
async function byDemo(asked: Asked): Promise<Caller | null> {
  if (isForwarded(asked.header) || !(await isDemoOpen())) return null;
  const wished = accountRoles.find((one) => one === asked.cookie(demoCookie())) ?? 'manager';
  const account = await demoAccount(database(), wished);
  return (
    account && {
      accountId: account.id,
      name: account.name,
      role: account.role,
      licence: account.licence,
      rights: [account.role],
      how: 'demo',
      tabletId: null,
      session: null,
      hasSecondFactor: false,
      needs: null,
    }
  );
}

/** Who asks; null for nobody we know. */
export async function callerOf(asked: Asked): Promise<Caller | null> {
  const own = asked.cookie(sessionCookie());
  const found = own === undefined ? null : await bySession(own);
  if (found) return found;
  const device = asked.cookie(tabletCookie());
  const onTablet = device === undefined ? null : await byTablet(device);
  return onTablet ?? byDemo(asked);
}
