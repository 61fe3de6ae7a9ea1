'use client';

import { proxy, releaseProxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { ScheduleProblem } from '@/core/schedule';
import { askJson } from '../frame/asking';
import type { OrderProgress, OrderSearch } from '@/workers/order-search';

/** Rounds after which it ends by itself; some seconds for a coach. */
const mostRounds = 4000;

export type Looking =
  | { state: 'idle' | 'asking' }
  | { state: 'looking' | 'ended'; progress: OrderProgress }
  | { state: 'failed' };

/** The search for a sooner end on a thread of its own: begin it, stop it, and see how far it is. */
export function useOrderSearch(job: string): {
  looking: Looking;
  begin(): void;
  stop(): void;
} {
  const [looking, setLooking] = useState<Looking>({ state: 'idle' });
  const running = useRef<{ worker: Worker; remote: Remote<OrderSearch> } | null>(null);
  const end = useCallback(() => {
    running.current?.remote[releaseProxy]();
    running.current?.worker.terminate();
    running.current = null;
  }, []);
  useEffect(() => end, [end]);
  const begin = useCallback(() => {
    end();
    const look = async () => {
      setLooking({ state: 'asking' });
      try {
        const problem = await askJson<ScheduleProblem>(`/api/jobs/${job}/calendar-problem`);
        const worker = new Worker(new URL('../../workers/order-search.worker.ts', import.meta.url), {
          type: 'module',
        });
        const remote = wrap<OrderSearch>(worker);
        running.current = { worker, remote };
        const tell = (progress: OrderProgress) => setLooking({ state: 'looking', progress });
        const progress = await remote.run(problem, { rounds: mostRounds, seed: 1 }, proxy(tell));
        setLooking({ state: 'ended', progress });
      } catch {
        setLooking({ state: 'failed' });
      } finally {
        end();
      }
    };
    void look();
  }, [job, end]);
  const stop = useCallback(() => void running.current?.remote.stop(), []);
  return { looking, begin, stop };
}
