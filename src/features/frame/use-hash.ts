'use client';

import { useSyncExternalStore } from 'react';

function subscribe(onChange: () => void): () => void {
  window.addEventListener('hashchange', onChange);
  return () => window.removeEventListener('hashchange', onChange);
}

const read = () => decodeURIComponent(window.location.hash.slice(1));

/** What the address names after `#`: the part, step or section one came for. */
export const useHash = (): string => useSyncExternalStore(subscribe, read, () => '');
