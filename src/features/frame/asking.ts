'use client';

import { lineByLine, type ToldLine } from '@/workers/line-by-line';
import { useState } from 'react';
import { pageToken, pageTokenHeader } from './page-token';
import { QueryClient, useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';

/** What the server says against a question, in its own words. */
export class Refusal extends Error {
  constructor(
    message: string,
    /** HTTP status; 404 where there is nothing of that kind. */
    readonly status: number,
  ) {
    super(message);
  }
}

const noAnswer = 'Coatrel does not answer.';

/** Asks for JSON. @throws Refusal with a sentence, also where nobody answers */
export async function askJson<T>(path: string, init?: RequestInit): Promise<T> {
  const answer = await reach(path, init);
  const body: unknown = await answer.json().catch(() => null);
  return answerOrRefusal<T>(answer.status, body);
}

/** What is sent carries the token of the page. */
function withToken(init?: RequestInit): RequestInit | undefined {
  if (init?.method !== 'POST') return init;
  const headers = new Headers(init.headers);
  headers.set(pageTokenHeader, pageToken());
  return { ...init, headers };
}

/** @throws Refusal where nobody answers */
async function reach(path: string, init?: RequestInit): Promise<Response> {
  return fetch(path, withToken(init)).catch((error: unknown) => {
    if (init?.signal?.aborted) throw error;
    throw new Refusal(noAnswer, 0);
  });
}

/** The body of a good answer. @throws Refusal in the server's words */
function answerOrRefusal<T>(status: number, body: unknown): T {
  if (status >= 200 && status < 300) return body as T;
  const faults = (body as { faults?: { reason: string }[] } | null)?.faults;
  throw new Refusal(faults?.map((one) => one.reason).join('; ') ?? noAnswer, status);
}

/** Asks for what takes long and hears how far it is. @throws Refusal as askJson does, also where the answer breaks off */
export async function askTold<T>(
  path: string,
  signal: AbortSignal,
  tell: (share: number) => void,
): Promise<T> {
  const answer = await reach(path, { signal, headers: { accept: lineByLine } });
  if (!answer.headers.get('content-type')?.includes(lineByLine))
    return answerOrRefusal<T>(answer.status, await answer.json().catch(() => null));
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = `${rest}${part.value}`.split('\n');
    rest = lines.pop()!;
    for (const line of lines) {
      const one = JSON.parse(line) as ToldLine;
      if ('share' in one) tell(one.share);
      else return answerOrRefusal<T>(one.status, one.body);
    }
  }
  throw new Refusal(noAnswer, answer.ok ? 0 : answer.status);
}

export const jsonPost = (body: unknown): RequestInit => ({
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
});

/** What a failed question says beside where it was asked. */
export const refusalOf = (error: Error | null): string | null =>
  error === null ? null : error instanceof Refusal ? error.message : noAnswer;

/** Why something was refused, whatever was thrown. */
export const refusalIn = (error: unknown): string => (error instanceof Refusal ? error.message : noAnswer);

/** Answers are kept while a page stands; what they hang on is part of their key, so none is ever stale. */
export const newQueryClient = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: Infinity,
        gcTime: 60_000,
        refetchOnWindowFocus: false,
        refetchOnReconnect: false,
        // A refusal stands; only where nobody answered is it asked once more.
        retry: (failures, error) => failures < 1 && error instanceof Refusal && error.status === 0,
        retryDelay: 400,
      },
    },
  });

/**
 * The answer to a question that hangs on nothing but its key; a question that is overtaken is dropped.
 * @param key path and whatever else the answer hangs on, such as the plan's hash
 */
export const useAnswer = <T>(path: string, key: readonly unknown[] = [], enabled = true): UseQueryResult<T> =>
  useQuery({ queryKey: [path, ...key], queryFn: ({ signal }) => askJson<T>(path, { signal }), enabled });

/** The answer to a question that takes long, and how much of the work is done, 0..1. */
export function useToldAnswer<T>(
  path: string,
  key: readonly unknown[],
  enabled: boolean,
): { answer: UseQueryResult<T>; share: number } {
  const [share, setShare] = useState(0);
  const answer = useQuery({
    queryKey: [path, ...key],
    queryFn: ({ signal }) => {
      setShare(0);
      return askTold<T>(path, signal, setShare);
    },
    enabled,
  });
  return { answer, share };
}

/** Drops a question that is being answered, with all its keys; the server stops its work. */
export function useStop(path: string): () => void {
  const client = useQueryClient();
  return () => void client.cancelQueries({ queryKey: [path] });
}
