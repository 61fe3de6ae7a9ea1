import Joi from 'joi';
import { field } from '@/core/exchange';
import { callerOf } from '@/server/access/caller';
import { tapBadge } from '@/server/services/sign-in';
import { askedOf } from '../../asked';
import { openTo } from '../../guarded';
import { faultsAnswer } from '../../json-body';
import { parsedBody } from '../../parsed-body';
import { fromOf, signedInAnswer } from '../../signed-in';

const schema = Joi.object<{ account: string; code: string }>({
  account: field.key().required(),
  code: Joi.string()
    .pattern(/^\d{4}$/)
    .required()
    .messages({ 'string.pattern.base': 'a badge code is four digits' }),
});

/** Taps a badge on a tablet that is paired. */
export const POST = openTo(async (request) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const caller = await callerOf(askedOf(request));
  if (!caller?.tabletId) return faultsAnswer([{ place: '', reason: 'This is no paired tablet.' }], 401);
  return signedInAnswer(await tapBadge(caller, body.value.account, body.value.code, fromOf(request)));
});
