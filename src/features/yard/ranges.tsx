'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { JobRange } from '@/core/forecast';
import { date } from '../words/format';
import { inTen } from '../words/forecast-words';

const Ranges = createContext<ReadonlyMap<string, JobRange> | null>(null);

/**
 * Asks for the ranges of all open jobs; the yard stands without them until they are drawn.
 * @param mark changes with the plans, and they are asked for anew
 */
export function RangesProvider({ mark, children }: { mark: string; children: ReactNode }) {
  const [ranges, setRanges] = useState<ReadonlyMap<string, JobRange> | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    fetch('/api/forecast', { signal: stop.signal })
      .then(async (response) => {
        if (!response.ok) return;
        const told = (await response.json()) as { ranges: JobRange[] };
        setRanges(new Map(told.ranges.map((one) => [one.job, one])));
      })
      .catch(() => {});
    return () => stop.abort();
  }, [mark]);
  return <Ranges.Provider value={ranges}>{children}</Ranges.Provider>;
}

/** By when a job ends in eight draws of ten, and how often it keeps its promise. */
export function RangeOf({ job }: { job: string }) {
  const range = useContext(Ranges)?.get(job);
  if (!range) return null;
  return (
    <span className="block text-small text-quiet">
      P80 {date(range.p80)}
      <span className={`block ${range.kept < 0.5 ? 'font-semibold text-caution' : ''}`}>
        promise kept
        <br />
        {inTen(range.kept)}
      </span>
    </span>
  );
}
