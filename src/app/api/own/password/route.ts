import Joi from 'joi';
import { changePassword } from '@/server/services/own-account';
import { guarded } from '../../guarded';
import { faultsAnswer } from '../../json-body';
import { parsedBody } from '../../parsed-body';

const schema = Joi.object<{ present: string; next: string }>({
  present: Joi.string().max(200).required(),
  next: Joi.string().max(400).required(),
});

/** Changes one's own password. */
export const POST = guarded({ does: 'own-account', cost: 10 }, async (request, _context, caller) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const done = await changePassword(caller, body.value.present, body.value.next);
  return done.status === 'done' ? Response.json({ status: 'saved' }) : faultsAnswer([done]);
});
