import Joi from 'joi';
import { field } from '@/core/exchange';
import { accountRoles, type AccountRole } from '@/core/rights';
import { callerOf } from '@/server/access/caller';
import { cookieLine, demoCookie } from '@/server/access/cookies';
import { askedOf } from '../../asked';
import { openTo } from '../../guarded';
import { faultsAnswer } from '../../json-body';
import { parsedBody } from '../../parsed-body';

const schema = Joi.object<{ role: AccountRole }>({ role: field.oneOf(accountRoles).required() });

/** Tries another role out; in the demo on this machine alone, where nobody signs in. */
export const POST = openTo(async (request) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  if ((await callerOf(askedOf(request)))?.how !== 'demo')
    return faultsAnswer([{ place: '', reason: 'Only the demo tries out roles; here people sign in.' }], 403);
  return Response.json(
    { status: 'saved' },
    { headers: { 'set-cookie': cookieLine(demoCookie(), body.value.role, 12 * 3600) } },
  );
});
