import type { AccountRole, TabletRole } from '@/core/rights';

/** An account as the manager sees it. */
export interface AccountShown {
  id: string;
  name: string;
  signIn: string;
  role: AccountRole;
  personId: string | null;
  licence: string;
  ended: boolean;
  isDemo: boolean;
  seen: number;
  hasPassword: boolean;
  hasBadge: boolean;
  hasSecondFactor: boolean;
}

export interface TabletShown {
  id: string;
  name: string;
  place: string;
  role: TabletRole;
  /** What stands of it: waiting for its code, paired since, code ended. */
  state: string;
  ended: boolean;
  seen: number;
}

export interface SessionShown {
  key: string;
  name: string;
  how: string;
  device: string;
  since: string;
  used: string;
  /** The session of who looks at it. */
  isOwn: boolean;
}

export interface AccountsProps {
  accounts: AccountShown[];
  tablets: TabletShown[];
  sessions: SessionShown[];
  people: { id: string; name: string }[];
  places: { id: string; name: string }[];
  /** Where browsers find this copy, for links that are handed over. */
  origin: string;
}
