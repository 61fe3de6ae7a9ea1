'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { askJson, jsonPost, Refusal } from '../frame/asking';

/** Sends to the quotes of a job; the page is read anew where it was kept. @returns why it was not kept, or null */
export function useOffers(job: string) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const send = async (path: string, body: object): Promise<string | null> => {
    setBusy(true);
    try {
      await askJson(`/api/jobs/${encodeURIComponent(job)}/offers${path}`, jsonPost(body));
      router.refresh();
      return null;
    } catch (error) {
      if (!(error instanceof Refusal) || error.status === 0)
        return 'Coatrel does not answer; nothing was kept.';
      return error.status === 409
        ? 'The plan or the quote has changed meanwhile: look at the page again.'
        : `Not kept: ${error.message}.`;
    } finally {
      setBusy(false);
    }
  };
  return { send, busy };
}
