'use client';

import { createContext, useCallback, useContext, type ReactNode } from 'react';
import { mayDo, mayRead, whyNotDo, type Deed, type Reading, type Rights, type Role } from '@/core/rights';
import { useLive } from '@/ui/use-live';

/** Who sits before the screen. */
export interface Who {
  name: string;
  /** Null for a tablet on which nobody tapped a badge. */
  role: Role | null;
  rights: Rights;
  how: 'password' | 'badge' | 'link' | 'demo' | 'tablet';
  /** A badge was tapped, or waits to be: the tablet is shared. */
  onTablet: boolean;
  /** A manager who has still to set up a second factor. */
  needsFactor: boolean;
}

// Parts that are drawn alone, in a test, are drawn for a manager.
const alone: Who = {
  name: '',
  role: 'manager',
  rights: ['manager'],
  how: 'demo',
  onTablet: false,
  needsFactor: false,
};
const WhoContext = createContext<Who>(alone);

/** @param who null for nobody: then there is nothing to do */
export const WhoProvider = ({ who, children }: { who: Who | null; children: ReactNode }) => (
  <WhoContext.Provider value={who ?? { ...alone, role: null, rights: [] }}>{children}</WhoContext.Provider>
);

export const useWho = (): Who => useContext(WhoContext);

const nobodyYet = 'Choose your name and enter your badge code first.';

/** Why the one before the screen may not do something; null where they may. */
export function useWhyNot(): (deed: Deed) => string | null {
  const { rights, how } = useWho();
  return useCallback((deed) => (how === 'tablet' ? nobodyYet : whyNotDo(rights, deed)), [how, rights]);
}

/** Whether the one before the screen may do something. */
export function useMay(): (deed: Deed) => boolean {
  const { rights, how } = useWho();
  return (deed) => how !== 'tablet' && mayDo(rights, deed);
}

/** Whether a control is open: the page listens, and the one before the screen may do what it does. */
export function useOpen(deed: Deed): boolean {
  const live = useLive();
  return useMay()(deed) && live;
}

export function useMayRead(): (reading: Reading) => boolean {
  const { rights } = useWho();
  return (reading) => mayRead(rights, reading);
}

/** What only those see who may do it. */
export const May = ({ deed, children }: { deed: Deed; children: ReactNode }) =>
  useMay()(deed) ? <>{children}</> : null;
