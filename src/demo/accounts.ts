import type { AccountRole } from '../core/rights';
import type { Account } from '../server/services/scenario';

const account = (
  role: AccountRole,
  name: string,
  { personId = null, licence = '' }: { personId?: string | null; licence?: string } = {},
): Account => ({
  id: `demo-${role}`,
  name,
  signIn: name.toLowerCase(),
  role,
  personId,
  licence,
  ended: false,
  isDemo: true,
});

/** One of each role; none has a password, so that the demo signs in by itself on its own machine and nowhere else. */
export const demoAccounts: Account[] = [
  account('manager', 'Wren'),
  account('planner', 'Tove'),
  account('painter', 'Ines', { personId: 'ines' }),
  account('crew', 'Jun', { personId: 'jun' }),
  account('store', 'Sal', { personId: 'sal' }),
  account('reader', 'Ada'),
  account('engineer', 'Orla', { licence: 'LE-2207' }),
];
