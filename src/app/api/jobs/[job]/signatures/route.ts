import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { signatureSides, signHandover, type Signs } from '@/server/services/handover';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer, readBody, writerOf } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<Signs>({
  side: field.oneOf(signatureSides).required(),
  by: field.requiredLine(80),
  where: field.requiredLine(80),
  on: field.localDate().required(),
  seenHash: Joi.string().length(64).hex().required(),
});

/** Takes down a signature under the handover of a job. */
export const POST = guarded<Given>({ does: 'sign-handover' }, async (request, { params }, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await signHandover((await params).job, parsed.value, writerOf(request, caller)));
});
