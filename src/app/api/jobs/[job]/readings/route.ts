import Joi from 'joi';
import { parseWith } from '@/core/exchange';
import { importReadings } from '@/server/services/survey-files';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { writerOf, faultsAnswer, readBody } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ text: string }>({ text: Joi.string().required() });

export const POST = guarded<Given>({ does: 'add-readings' }, async (request, { params }, caller) => {
  const body = await readBody(request, 1024 * 1024);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await importReadings((await params).job, parsed.value.text, writerOf(request, caller)));
});
