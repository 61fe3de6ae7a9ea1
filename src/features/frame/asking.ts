'use client';

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
  const answer = await fetch(path, init).catch((error: unknown) => {
    if (init?.signal?.aborted) throw error;
    throw new Refusal(noAnswer, 0);
  });
  const body: unknown = await answer.json().catch(() => null);
  if (answer.ok) return body as T;
  const faults = (body as { faults?: { reason: string }[] } | null)?.faults;
  throw new Refusal(faults?.map((one) => one.reason).join('; ') ?? noAnswer, answer.status);
}

export const jsonPost = (body: unknown): RequestInit => ({
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
});

/** What a failed question says beside where it was asked. */
export const refusalOf = (error: Error | null): string | null =>
  error === null ? null : error instanceof Refusal ? error.message : noAnswer;

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

/** Drops a question that is being answered, with all its keys; the server stops its work. */
export function useStop(path: string): () => void {
  const client = useQueryClient();
  return () => void client.cancelQueries({ queryKey: [path] });
}
