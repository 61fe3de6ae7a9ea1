import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { answerOffer, type SaidToOffer } from '@/server/services/offers';
import { answerOf } from '../../../../../edit-answer';
import { guarded } from '../../../../../guarded';
import { faultsAnswer, readBody, writerOf } from '../../../../../json-body';

interface Given {
  params: Promise<{ job: string; number: string }>;
}

const schema = Joi.object<SaidToOffer>({
  answer: field.oneOf(['accepted', 'refused']).required(),
  by: field.requiredLine(80),
  // A name alone signs nothing: where it was said stands beside it.
  where: field.requiredLine(80),
  on: field.localDate().required(),
  seen: field.whole(1, 1_000_000).required(),
});

/** Writes down what the owner said to a quote. */
export const POST = guarded<Given>({ does: 'answer-quote' }, async (request, { params }, caller) => {
  const { job, number } = await params;
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  if (!/^\d{1,4}$/.test(number))
    return faultsAnswer([{ place: 'quote', reason: 'there is no such quote' }], 404);
  return answerOf(await answerOffer(job, Number(number), parsed.value, writerOf(request, caller)));
});
