'use client';

import { useState } from 'react';
import { askJson, jsonPost, refusalIn } from '../frame/asking';

/** Sends what was typed at the door. After it the page is loaded whole: nothing of what another one saw stays in it. */
export function useDoor<A>(path: string) {
  const [busy, setBusy] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = async (body: unknown): Promise<A | null> => {
    setBusy(true);
    setRefusal(null);
    try {
      return await askJson<A>(path, jsonPost(body));
    } catch (error) {
      setRefusal(refusalIn(error));
      setBusy(false);
      return null;
    }
  };
  return { busy, refusal, send };
}

/** A path of our own to go to after signing in; anything else is the Yard. */
export const ownPath = (to: string | null): string => (to && /^\/(?![/\\])/.test(to) ? to : '/');

/** Loads a page whole. */
export const goTo = (path: string): void => window.location.assign(path);
