'use client';

import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import type { ForecastTold } from '@/core/forecast';
import { askJson, Refusal } from './asking';

interface Forecast {
  /** The newest range; while the plan has moved on, still that of before. Null until the first is there. */
  told: ForecastTold | null;
  state: 'making' | 'current' | 'none' | 'failed';
}

const ForecastContext = createContext<Forecast>({ told: null, state: 'none' });

/** An edit is seldom alone: the range is drawn anew when the plan has stood still for so long. */
const restMs = 1200;

/** Waits that long, unless the question is dropped meanwhile. */
const rest = (signal: AbortSignal): Promise<void> =>
  new Promise((done, fail) => {
    const timer = setTimeout(done, restMs);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      fail(new DOMException('overtaken', 'AbortError'));
    });
  });

/** Asks for the range of a job whenever its plan has changed; a question that is overtaken is dropped. */
export function ForecastProvider({
  job,
  inputHash,
  children,
}: {
  job: string;
  inputHash: string;
  children: ReactNode;
}) {
  const client = useQueryClient();
  const question = useQuery({
    queryKey: ['forecast', job, inputHash],
    queryFn: async ({ signal }) => {
      await rest(signal);
      return askJson<ForecastTold>(`/api/jobs/${encodeURIComponent(job)}/forecast`, { signal });
    },
    placeholderData: keepPreviousData,
  });
  useEffect(
    () => () => void client.cancelQueries({ queryKey: ['forecast', job, inputHash] }),
    [client, job, inputHash],
  );
  const { data, isPlaceholderData, error } = question;
  const value = useMemo<Forecast>(() => {
    if (error) {
      const none = error instanceof Refusal && error.status === 404;
      return { told: null, state: none ? 'none' : 'failed' };
    }
    if (data && !isPlaceholderData) return { told: data, state: 'current' };
    return { told: data?.job.job === job ? data : null, state: 'making' };
  }, [data, isPlaceholderData, error, job]);
  return <ForecastContext.Provider value={value}>{children}</ForecastContext.Provider>;
}

export const useForecast = (): Forecast => useContext(ForecastContext);
