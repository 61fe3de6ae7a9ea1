'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { JobRange } from '@/core/forecast';
import { useAnswer } from '../frame/asking';
import { date } from '../words/format';
import { inTen } from '../words/forecast-words';

const Ranges = createContext<ReadonlyMap<string, JobRange> | null>(null);

/**
 * Asks for the ranges of all open jobs; the yard stands without them until they are drawn.
 * @param mark changes with the plans, and they are asked for anew
 */
export function RangesProvider({ mark, children }: { mark: string; children: ReactNode }) {
  const question = useAnswer<{ ranges: JobRange[] }>('/api/forecast', [mark]);
  const ranges = useMemo(
    () => (question.data ? new Map(question.data.ranges.map((one) => [one.job, one])) : null),
    [question.data],
  );
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
