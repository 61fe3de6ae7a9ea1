import type { AccountsProps, SessionShown } from '@/features/shop/accounts-props';
import { moment } from '@/features/words/format';
import type { Caller } from '@/server/access/caller';
import { nowSeconds } from '@/server/access/now';
import { ownOrigin } from '@/server/access/on-net';
import { accounts } from '@/server/services/accounts';
import { sessionsOf, type SessionListed } from '@/server/services/sessions';
import { tablets, type TabletSeen } from '@/server/services/tablets';

type Named = readonly { id: string; name: string }[];

const how = { password: 'password', badge: 'badge', link: 'link', demo: 'demo' };
const atMinute = (seconds: number, timeZone: string) => moment(Math.floor(seconds / 60), { timeZone });

/** Sessions as lines of a table. */
export const sessionsShown = (
  sessions: readonly SessionListed[],
  caller: Caller,
  timeZone: string,
): SessionShown[] =>
  sessions.map((one) => ({
    key: one.key,
    name: one.name,
    how: how[one.how],
    device: one.tablet ?? one.agent,
    since: atMinute(one.startedAt, timeZone),
    used: atMinute(one.seenAt, timeZone),
    isOwn: caller.session?.startsWith(one.key) ?? false,
  }));

function stateOf(one: TabletSeen, timeZone: string): string {
  if (one.pairedAt !== null) return `paired ${atMinute(one.pairedAt, timeZone)}`;
  return one.codeEndsAt > nowSeconds() ? 'waits for its code' : 'its code has ended: make another';
}

/** Who signs in, on which tablets, and who is signed in now; for a manager alone. */
export async function accountsProps(
  caller: Caller,
  { people, places, timeZone }: { people: Named; places: Named; timeZone: string },
): Promise<AccountsProps> {
  const [all, devices, sessions] = await Promise.all([accounts(), tablets(), sessionsOf(null)]);
  return {
    accounts: all.map(({ has, ...one }) => ({
      ...one,
      hasPassword: has.includes('password'),
      hasBadge: has.includes('badge'),
      hasSecondFactor: has.includes('totp'),
    })),
    tablets: devices.map((one) => ({
      id: one.id,
      name: one.name,
      place: places.find(({ id }) => id === one.placeId)?.name ?? '',
      role: one.role,
      state: stateOf(one, timeZone),
      ended: one.ended,
      seen: one.seen,
    })),
    sessions: sessionsShown(sessions, caller, timeZone),
    people: people.map(({ id, name }) => ({ id, name })),
    places: places.map(({ id, name }) => ({ id, name })),
    origin: ownOrigin(),
  };
}
