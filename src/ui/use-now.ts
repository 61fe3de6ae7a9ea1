'use client';

import { useEffect, useState } from 'react';

const everyMs = 15_000;

/** The minute now: the server's when the page was made, moved on by what has passed since on this screen. */
export function useNow(serverMinute: number): number {
  const [now, setNow] = useState(serverMinute);
  useEffect(() => {
    const began = performance.now();
    const tick = () => setNow(serverMinute + Math.floor((performance.now() - began) / 60_000));
    tick();
    const timer = setInterval(tick, everyMs);
    return () => clearInterval(timer);
  }, [serverMinute]);
  return now;
}
