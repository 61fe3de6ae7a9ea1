import Joi from 'joi';
import { parseWith } from '@/core/exchange';
import { importClosures } from '@/server/services/closures';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf, faultsAnswer, readBody } from '../json-body';

const schema = Joi.object<{ text: string }>({ text: Joi.string().required() });

/** Closed days from the text of an iCalendar file. */
export const POST = guarded({ does: 'add-closures' }, async (request, _context, caller) => {
  const body = await readBody(request, 3 * 1024 * 1024);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await importClosures(parsed.value.text, writerOf(request, caller)));
});
