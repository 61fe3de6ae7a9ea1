'use client';

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { ForecastTold } from '@/core/forecast';

interface Forecast {
  /** The newest range; while the plan has moved on, still that of before. Null until the first is there. */
  told: ForecastTold | null;
  state: 'making' | 'current' | 'none' | 'failed';
}

const ForecastContext = createContext<Forecast>({ told: null, state: 'none' });

/** An edit is seldom alone: the range is drawn anew when the plan has stood still for so long. */
const restMs = 1200;

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
  const [answer, setAnswer] = useState<{ of: string; forecast: Forecast } | null>(null);
  const mark = `${job} ${inputHash}`;
  useEffect(() => {
    const stop = new AbortController();
    const ask = async () => {
      try {
        const response = await fetch(`/api/jobs/${encodeURIComponent(job)}/forecast`, {
          signal: stop.signal,
        });
        if (response.status === 404) return setAnswer({ of: mark, forecast: { told: null, state: 'none' } });
        if (!response.ok) throw new Error(String(response.status));
        const told = (await response.json()) as ForecastTold;
        setAnswer({ of: mark, forecast: { told, state: 'current' } });
      } catch {
        if (!stop.signal.aborted) setAnswer({ of: mark, forecast: { told: null, state: 'failed' } });
      }
    };
    const timer = setTimeout(() => void ask(), restMs);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [job, mark]);
  const value = useMemo<Forecast>(() => {
    if (answer?.of === mark) return answer.forecast;
    const told = answer?.forecast.told ?? null;
    return { told: told?.job.job === job ? told : null, state: 'making' };
  }, [answer, mark, job]);
  return <ForecastContext.Provider value={value}>{children}</ForecastContext.Provider>;
}

export const useForecast = (): Forecast => useContext(ForecastContext);
