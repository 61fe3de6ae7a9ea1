import Joi from 'joi';
import { dropOwnFactor } from '@/server/services/own-account';
import { askSecondFactor, confirmSecondFactor } from '@/server/services/second-factor';
import { guarded } from '../../guarded';
import { faultsAnswer } from '../../json-body';
import { parsedBody } from '../../parsed-body';

const schema = Joi.object<{ step: 'ask' | 'confirm' | 'drop'; code?: string; present?: string }>({
  step: Joi.valid('ask', 'confirm', 'drop').required(),
  code: Joi.string()
    .max(20)
    .when('step', { is: 'confirm', then: Joi.required(), otherwise: Joi.forbidden() }),
  present: Joi.string()
    .max(200)
    .when('step', { is: 'drop', then: Joi.required(), otherwise: Joi.forbidden() }),
});

/** Sets one's own second factor up, or takes it away. */
export const POST = guarded({ does: 'own-account', cost: 10 }, async (request, _context, caller) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const { accountId, session, name } = caller;
  if (accountId === null || session === null || caller.how === 'badge')
    return faultsAnswer([{ place: '', reason: 'A second factor belongs to a sign-in of one’s own.' }], 403);
  const { step, code = '', present = '' } = body.value;
  if (step === 'ask') {
    if (caller.hasSecondFactor)
      return faultsAnswer([{ place: '', reason: 'There is a second factor: take it away first.' }]);
    return Response.json(await askSecondFactor(accountId, name));
  }
  if (step === 'drop') {
    const done = await dropOwnFactor(caller, present);
    return done.status === 'done' ? Response.json({ status: 'saved' }) : faultsAnswer([done]);
  }
  const codes = await confirmSecondFactor(accountId, code);
  return codes === null
    ? faultsAnswer([{ place: 'code', reason: 'This code is wrong: does the clock of the telephone run?' }])
    : Response.json({ status: 'saved', codes });
});
