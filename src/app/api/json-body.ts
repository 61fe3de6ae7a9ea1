import type { NextRequest } from 'next/server';
import { parseJson, type Fault } from '@/core/exchange';
import type { Caller } from '@/server/access/caller';
import type { Writer } from '@/server/services/unit-of-work';

/** Largest body of an edit or a form; job bundles come through the command, files have a limit of their own. */
const largestBody = 256 * 1024;

export const faultsAnswer = (faults: Fault[], status = 422): Response =>
  Response.json({ status: 'faulty', faults }, { status });

/** Reads a body up to a limit, without ever holding more. */
export async function readBytes(
  request: NextRequest,
  largest: number,
): Promise<{ bytes: Buffer } | { answer: Response }> {
  const reader = request.body?.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size > largest) {
      await reader?.cancel();
      const limit = largest >= 1048576 ? `${largest / 1048576} MB` : `${largest / 1024} kB`;
      return { answer: faultsAnswer([{ place: '', reason: `the request is larger than ${limit}` }], 413) };
    }
    chunks.push(part.value);
  }
  return { bytes: Buffer.concat(chunks) };
}

/** Reads a JSON body up to the limit. */
export async function readBody(
  request: NextRequest,
  largest = largestBody,
): Promise<{ value: unknown } | { answer: Response }> {
  const body = await readBytes(request, largest);
  if ('answer' in body) return body;
  const parsed = parseJson(body.bytes.toString('utf8'));
  return parsed.status === 'ok' ? { value: parsed.value } : { answer: faultsAnswer(parsed.faults, 400) };
}

/** Key by which a request that is sent twice counts once; a page makes one for each thing a person does. */
export const requestHeader = 'x-request-key';

/** Who writes, and under which request; a key of a wrong form is as none. */
export function writerOf(request: NextRequest, { accountId, rights, tabletId }: Caller): Writer {
  const key = request.headers.get(requestHeader) ?? '';
  // Nobody without an account comes through a gate of a write.
  const writer: Writer = {
    author: accountId ?? 'nobody',
    rights: accountId === null ? [] : rights,
    tabletId,
  };
  return /^[A-Za-z0-9-]{8,64}$/.test(key) ? { ...writer, request: key } : writer;
}
