'use client';

import { useIsFetching } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useEffect, useState, useTransition } from 'react';
import { hearOthers, listenForAll, type LiveChange } from './hear-changes';
import { isOwnRequest } from './own-requests';

/** Changes that come close together are read once: others often save several in a row. */
const gatherMs = 200;
/** The page has the network to itself first. */
const quietMs = 1500;

/**
 * Has the page follow what others save, without asking for it again and again. What is being typed stays.
 * @param room number of the job, or `shop`; null where every change concerns the page
 */
export function Live({ room }: { room: string | null }) {
  const router = useRouter();
  const [, startTransition] = useTransition();
  const [open, setOpen] = useState(false);
  const asking = useIsFetching() > 0;
  useEffect(() => {
    if (open || asking) return;
    const waits = setTimeout(() => setOpen(true), quietMs);
    return () => clearTimeout(waits);
  }, [open, asking]);
  useEffect(() => {
    let waits: ReturnType<typeof setTimeout> | null = null;
    const concerns = (one: LiveChange) =>
      (room === null || one.room === room || one.room === 'shop') && !isOwnRequest(one.request);
    const hear = (changes: readonly LiveChange[]) => {
      if (waits !== null || !changes.some(concerns)) return;
      waits = setTimeout(() => {
        waits = null;
        startTransition(() => router.refresh());
      }, gatherMs);
    };
    const stops = [hearOthers(hear), open ? listenForAll(hear) : () => {}];
    return () => {
      for (const stop of stops) stop();
      if (waits !== null) clearTimeout(waits);
    };
  }, [open, room, router]);
  return null;
}
