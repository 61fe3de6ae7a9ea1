import Joi from 'joi';
import { parseWith } from '@/core/exchange';
import { acceptTogether, proposeTogether } from '@/server/services/together';
import { guarded } from '../guarded';
import { faultsAnswer, readBody, writerOf } from '../json-body';

/** All open jobs planned together, each beside what it has agreed. Nothing is stored. */
export const GET = guarded({ reads: 'plans', cost: 10 }, async () => {
  const proposal = await proposeTogether();
  return proposal ? Response.json(proposal) : faultsAnswer([{ place: '', reason: 'no job is open' }]);
});

const schema = Joi.object<{ token: string }>({ token: Joi.string().guid().required() });

/** Accepts a proposal for every job in it. */
export const POST = guarded({ does: 'accept-together' }, async (request, _context, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const outcome = await acceptTogether(parsed.value.token, writerOf(request, caller));
  return Response.json(outcome, { status: outcome.status === 'accepted' ? 200 : 409 });
});
