import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { makeOwnerLink } from '@/server/services/owner-page';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer, readBody, writerOf } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ forWhom: string; days: number }>({
  forWhom: field.requiredLine(80),
  days: field.whole(1, 400).required(),
});

/** Makes a link for the owner; the answer is the only time that it is told. */
export const POST = guarded<Given>({ does: 'owner-link' }, async (request, { params }, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { outcome, token } = await makeOwnerLink((await params).job, parsed.value, writerOf(request, caller));
  return outcome.status === 'saved'
    ? Response.json({ status: 'saved', path: `/owner/${token}` })
    : answerOf(outcome);
});
