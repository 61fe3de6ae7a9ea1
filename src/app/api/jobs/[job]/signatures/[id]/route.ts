import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { removeSignature } from '@/server/services/handover';
import { answerOf } from '../../../../edit-answer';
import { guarded } from '../../../../guarded';
import { faultsAnswer, readBody, writerOf } from '../../../../json-body';

interface Given {
  params: Promise<{ job: string; id: string }>;
}

const schema = Joi.object<{ seen: number }>({ seen: field.whole(1, 1_000_000_000).required() });

/** Takes a signature back. */
export const POST = guarded<Given>({ does: 'sign-handover' }, async (request, { params }, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { job, id } = await params;
  return answerOf(await removeSignature(job, id, parsed.value.seen, writerOf(request, caller)));
});
