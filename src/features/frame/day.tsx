'use client';

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { addLocalDays } from '@/core/units';

interface Day {
  /** The minute every picture of the job shows. */
  at: number;
  now: number;
  set(minute: number): void;
  move(days: number): void;
  today(): void;
}

const DayContext = createContext<Day | null>(null);

/** Keeps the day that all pictures of a job show; it starts at now and stays while one walks between stations. */
export function DayProvider({
  now,
  first,
  last,
  timeZone,
  children,
}: {
  now: number;
  first: number;
  last: number;
  timeZone: string;
  children: ReactNode;
}) {
  const [at, setAt] = useState(Math.min(Math.max(now, first), last));
  const set = useCallback((minute: number) => setAt(Math.min(Math.max(minute, first), last)), [first, last]);
  const move = useCallback(
    (days: number) =>
      setAt((minute) => Math.min(Math.max(addLocalDays(minute, days, timeZone), first), last)),
    [first, last, timeZone],
  );
  const today = useCallback(() => set(now), [now, set]);
  const value = useMemo(() => ({ at, now, set, move, today }), [at, now, set, move, today]);
  return <DayContext.Provider value={value}>{children}</DayContext.Provider>;
}

export function useDay(): Day {
  const day = useContext(DayContext);
  if (!day) throw new Error('a picture stands outside its job');
  return day;
}

/** The same, or null outside a job: for keys that work everywhere. */
export const useMaybeDay = (): Day | null => useContext(DayContext);
