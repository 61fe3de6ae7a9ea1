import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import type { OrderLocks } from '@/core/scheme';
import { ordersOf } from '@/server/services/changes';
import { faultsAnswer } from '../../../json-body';
import { told } from '../../../told';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<OrderLocks>({
  first: field.key().allow(null).required(),
  last: field
    .key()
    .allow(null)
    .required()
    .when('first', { is: Joi.string(), then: Joi.invalid(Joi.ref('first')) })
    .messages({ 'any.invalid': '{{#label}} is the colour that comes first: it cannot be both' }),
  together: Joi.array().items(field.key()).length(2).unique().allow(null).required().messages({
    'array.unique': '{{#label}} is the same colour again: a colour follows another, not itself',
  }),
  order: Joi.valid(null).required(),
});

const pairOf = (one: string | null, other: string | null): [string, string] | null =>
  one && other ? [one, other] : null;

/** The best orders of the colours of each body with their masks, each planned by the real calendar. */
export const GET = told<Given>({ reads: 'plans', cost: 10 }, async (request, { params }, tell) => {
  const { job } = await params;
  const { searchParams } = new URL(request.url);
  const fixed = parseWith(schema, {
    first: searchParams.get('first') || null,
    last: searchParams.get('last') || null,
    together: pairOf(searchParams.get('one'), searchParams.get('other')),
    order: null,
  });
  if (fixed.status === 'faulty') return faultsAnswer(fixed.faults);
  const answer = await ordersOf(job, fixed.value, tell, request.signal);
  return answer === null
    ? faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404)
    : Response.json(answer);
});
