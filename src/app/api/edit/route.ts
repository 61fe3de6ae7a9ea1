import type { NextRequest } from 'next/server';
import { readEdit } from '@/core/exchange';
import { saveEdit } from '@/server/services/edits';
import { answerOf } from '../edit-answer';
import { authorOf, faultsAnswer, readBody } from '../json-body';

export async function POST(request: NextRequest): Promise<Response> {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const edit = readEdit(body.value);
  if (edit.status === 'faulty') return faultsAnswer(edit.faults);
  return answerOf(await saveEdit(edit.value, authorOf(request)));
}
