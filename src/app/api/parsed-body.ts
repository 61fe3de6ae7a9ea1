import type { ObjectSchema } from 'joi';
import type { NextRequest } from 'next/server';
import { parseWith } from '@/core/exchange';
import { faultsAnswer, readBody } from './json-body';

/** A JSON body of a form, read against its schema; or the answer that says what is wrong with it. */
export async function parsedBody<T>(
  request: NextRequest,
  schema: ObjectSchema<T>,
): Promise<{ value: T } | { answer: Response }> {
  const body = await readBody(request, 16 * 1024);
  if ('answer' in body) return body;
  const parsed = parseWith(schema, body.value);
  return parsed.status === 'faulty' ? { answer: faultsAnswer(parsed.faults) } : { value: parsed.value };
}
