import type { NextRequest } from 'next/server';
import { readNewJob } from '@/core/exchange';
import { createJob } from '@/server/services/jobs';
import { answerOf } from '../edit-answer';
import { authorOf, faultsAnswer, readBody } from '../json-body';

export async function POST(request: NextRequest): Promise<Response> {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const given = readNewJob(body.value);
  if (given.status === 'faulty') return faultsAnswer(given.faults);
  return answerOf(await createJob(given.value, authorOf(request)));
}
