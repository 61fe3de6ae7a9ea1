import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { acceptPlan } from '@/server/services/accept-plan';
import { guarded } from '../guarded';
import { faultsAnswer, readBody, writerOf } from '../json-body';

const schema = Joi.object<{ job: string; inputHash: string }>({
  job: field.jobNumber().required(),
  inputHash: Joi.string().hex().length(64).required(),
});

export const POST = guarded({ does: 'accept-plan' }, async (request, _context, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const outcome = await acceptPlan(parsed.value.job, parsed.value.inputHash, writerOf(request, caller));
  switch (outcome.status) {
    case 'accepted':
      return Response.json(outcome);
    case 'conflict':
      return Response.json(outcome, { status: 409 });
    case 'no-job':
      return faultsAnswer([{ place: 'job', reason: `there is no job ${parsed.value.job}` }], 404);
  }
});
