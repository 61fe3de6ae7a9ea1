'use client';

import { useCallback, useState, useSyncExternalStore } from 'react';

function subscribe(onChange: () => void): () => void {
  window.addEventListener('hashchange', onChange);
  return () => window.removeEventListener('hashchange', onChange);
}

const read = () => decodeURIComponent(window.location.hash.slice(1));

/**
 * What is selected in a room: what the address names after `#` (one came for it), until something else is picked.
 * @param find turns the name of the address into the key of what it means, or null
 */
export function useSelection(find: (name: string) => string | null): [string | null, (key: string) => void] {
  const hash = useSyncExternalStore(subscribe, read, () => '');
  const [picked, setPicked] = useState<{ key: string; hash: string } | null>(null);
  const selected = picked?.hash === hash ? picked.key : find(hash);
  const pick = useCallback((key: string) => setPicked({ key, hash }), [hash]);
  return [selected, pick];
}
