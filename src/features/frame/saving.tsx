'use client';

import { QueryClientProvider } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import {
  createContext,
  useCallback,
  useContext,
  useMemo,
  useRef,
  useState,
  useTransition,
  type ReactNode,
} from 'react';
import type { Edit } from '@/core/record';
import { deedOf } from '@/core/rights';
import { newQueryClient } from './asking';
import { newRequestKey } from './own-requests';
import { OwnEdits } from './own-edits';
import { pageToken, pageTokenHeader } from './page-token';
import { useWhyNot } from './who';

export interface Fault {
  place: string;
  reason: string;
}

export type SendOutcome = { status: 'saved' } | { status: 'refused'; faults: Fault[] };

/** Why it was refused, to stand beside what was typed; null once it is saved. */
export const refusalText = (outcome: SendOutcome): string | null =>
  outcome.status === 'refused' ? outcome.faults.map((one) => one.reason).join('; ') : null;

interface Saving {
  /** What the strip says of the last edit. */
  message: { grade: 'saved' | 'busy' | 'stop'; text: string } | null;
  save(edit: Edit): Promise<SendOutcome>;
  undo(room: string): Promise<void>;
  send(path: string, body: unknown, saved: string): Promise<SendOutcome>;
  /** The last edit of one of these kinds that was sent from here; null for none. */
  lastOf(kinds: readonly Edit['kind'][]): Edit | null;
  /** Reads the page anew. */
  refresh(): void;
}

const SavingContext = createContext<Saving | null>(null);

const conflictText = (why: string) =>
  why === 'changed'
    ? 'Not saved: somebody changed this since you saw it. Their value is shown now; make your change again if it still stands.'
    : why === 'gone'
      ? 'Not saved: somebody removed this since you saw it.'
      : 'Not saved: somebody added this since you saw it.';

/** How often what met a lost connection or a database that starts is sent again, and after how long. */
const again = { most: 3, afterMs: 400 };

/** Sends it until somebody answers, always under the same key, so that what was carried out unheard counts once. */
async function postOnce(path: string, body: unknown): Promise<Response> {
  const init: RequestInit = {
    method: 'POST',
    headers: {
      'content-type': 'application/json',
      'x-request-key': newRequestKey(),
      [pageTokenHeader]: pageToken(),
    },
    body: JSON.stringify(body),
  };
  for (let attempt = 1; ; attempt += 1) {
    const answer = await fetch(path, init).catch((error: unknown) => {
      if (attempt >= again.most) throw error;
      return null;
    });
    if (answer && (answer.status !== 503 || attempt >= again.most)) return answer;
    await new Promise((done) => setTimeout(done, again.afterMs * attempt));
  }
}

async function post(path: string, body: unknown): Promise<{ outcome: SendOutcome; text: string | null }> {
  try {
    const answer = await postOnce(path, body);
    if (answer.ok) return { outcome: { status: 'saved' }, text: null };
    const said = (await answer.json().catch(() => ({}))) as {
      faults?: Fault[];
      why?: string;
      status?: string;
    };
    if (answer.status === 409) {
      const text = conflictText(said.why ?? 'changed');
      return { outcome: { status: 'refused', faults: [{ place: '', reason: text }] }, text };
    }
    if (said.status === 'nothing')
      return { outcome: { status: 'refused', faults: [] }, text: 'There is nothing to undo.' };
    const faults = said.faults ?? [{ place: '', reason: 'the server could not take it' }];
    return {
      outcome: { status: 'refused', faults },
      text: `Not saved: ${faults.map((fault) => fault.reason).join('; ')}.`,
    };
  } catch {
    const reason = 'Coatrel does not answer; your change is not saved.';
    return { outcome: { status: 'refused', faults: [{ place: '', reason }] }, text: reason };
  }
}

/** Sends edits at once, says whether they were saved, and has every picture follow. */
export function SavingProvider({ children }: { children: ReactNode }) {
  const router = useRouter();
  const [client] = useState(newQueryClient);
  const [own] = useState(() => new OwnEdits<SendOutcome>());
  const [message, setMessage] = useState<Saving['message']>(null);
  const [, startTransition] = useTransition();
  const sentEdits = useRef<Edit[]>([]);
  const whyNot = useWhyNot();
  const send = useCallback(
    async (path: string, body: unknown, saved: string) => {
      setMessage({ grade: 'busy', text: 'Saving …' });
      const { outcome, text } = await post(path, body);
      setMessage(text === null ? { grade: 'saved', text: saved } : { grade: 'stop', text });
      startTransition(() => router.refresh());
      return outcome;
    },
    [router],
  );
  const value = useMemo<Saving>(
    () => ({
      message,
      send,
      lastOf: (kinds) => sentEdits.current.find((one) => kinds.includes(one.kind)) ?? null,
      refresh: () => startTransition(() => router.refresh()),
      save: (edit) => {
        const why = whyNot(deedOf(edit));
        sentEdits.current = [edit, ...sentEdits.current.filter((one) => one.kind !== edit.kind)];
        if (why === null) return own.run(edit, (now) => send('/api/edit', now, 'Saved'));
        setMessage({ grade: 'stop', text: `Not saved. ${why}` });
        return Promise.resolve({ status: 'refused', faults: [{ place: '', reason: why }] });
      },
      undo: async (room) => void (await send('/api/undo', { room }, 'Undone')),
    }),
    [message, send, own, whyNot, router],
  );
  return (
    <QueryClientProvider client={client}>
      <SavingContext.Provider value={value}>{children}</SavingContext.Provider>
    </QueryClientProvider>
  );
}

export function useSaving(): Saving {
  const saving = useContext(SavingContext);
  if (!saving) throw new Error('saving is used outside the frame');
  return saving;
}
