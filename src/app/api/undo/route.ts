import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { undoLast } from '@/server/services/edits';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf, faultsAnswer, readBody } from '../json-body';

const schema = Joi.object<{ room: string }>({
  room: Joi.alternatives(field.jobNumber(), Joi.valid('shop')).required(),
});

export const POST = guarded({ does: 'undo' }, async (request, _context, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await undoLast(parsed.value.room, writerOf(request, caller)));
});
