import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { levels } from '@/core/film';
import type { Discount, WayAsked } from '@/core/offer';
import { makeOfferOf } from '@/server/services/offers';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer, readBody, writerOf } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const reason = () => field.line(120).min(1).required();
const schema = Joi.object<{ inputHash: string; discount: Discount | null; note: string; ways: WayAsked[] }>({
  inputHash: Joi.string().hex().length(64).required(),
  discount: Joi.alternatives()
    .try(
      Joi.object({
        kind: field.oneOf(['share']).required(),
        bp: field.whole(1, 10_000).required(),
        reason: reason(),
      }),
      Joi.object({
        kind: field.oneOf(['money']).required(),
        minor: field.whole(1, 100_000_000).required(),
        reason: reason(),
      }),
    )
    .allow(null)
    .required(),
  note: field.line(600).allow('').required(),
  ways: Joi.array()
    .items(
      Joi.object({ kind: Joi.valid('level').required(), level: field.oneOf(levels).required() }),
      Joi.object({ kind: Joi.valid('scheme').required(), id: field.key().required() }),
    )
    .max(2)
    .unique()
    .default([])
    .optional(),
});

/** Makes a quote out of the plan that was seen. */
export const POST = guarded<Given>({ does: 'make-quote' }, async (request, { params }, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { inputHash, discount, note, ways } = parsed.value;
  return answerOf(
    await makeOfferOf(
      (await params).job,
      { seenHash: inputHash, discount, note, ways },
      writerOf(request, caller),
    ),
  );
});
