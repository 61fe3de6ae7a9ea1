import Joi from 'joi';
import type { NextRequest } from 'next/server';
import { field, parseWith } from '@/core/exchange';
import { undoLast } from '@/server/services/edits';
import { answerOf } from '../edit-answer';
import { authorOf, faultsAnswer, readBody } from '../json-body';

const schema = Joi.object<{ room: string }>({
  room: Joi.alternatives(field.jobNumber(), Joi.valid('shop')).required(),
});

export async function POST(request: NextRequest): Promise<Response> {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await undoLast(parsed.value.room, authorOf(request)));
}
