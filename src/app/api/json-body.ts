import type { NextRequest } from 'next/server';
import { parseJson, type Fault } from '@/core/exchange';

/** Largest body of an edit or a form; job bundles come through the command. */
const largestBody = 256 * 1024;

export const faultsAnswer = (faults: Fault[], status = 422): Response =>
  Response.json({ status: 'faulty', faults }, { status });

/** Reads a JSON body up to the limit, without ever holding more. */
export async function readBody(request: NextRequest): Promise<{ value: unknown } | { answer: Response }> {
  const reader = request.body?.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size > largestBody) {
      await reader?.cancel();
      return {
        answer: faultsAnswer(
          [{ place: '', reason: `the request is larger than ${largestBody / 1024} kB` }],
          413,
        ),
      };
    }
    chunks.push(part.value);
  }
  const parsed = parseJson(Buffer.concat(chunks).toString('utf8'));
  return parsed.status === 'ok' ? { value: parsed.value } : { answer: faultsAnswer(parsed.faults, 400) };
}

/** Who edits: a random name in a cookie, until there is sign-in. */
export const authorOf = (request: NextRequest): string =>
  (request.cookies.get('coatrel-author')?.value ?? 'someone').slice(0, 80);
