import Joi from 'joi';
import { callerOf } from '@/server/access/caller';
import { enterSecondFactor } from '@/server/services/sign-in';
import { askedOf } from '../../asked';
import { openTo } from '../../guarded';
import { faultsAnswer } from '../../json-body';
import { parsedBody } from '../../parsed-body';
import { fromOf, signedInAnswer } from '../../signed-in';

const schema = Joi.object<{ code: string }>({ code: Joi.string().max(20).required() });

/** Enters the second factor of somebody whose password was right. */
export const POST = openTo(async (request) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const caller = await callerOf(askedOf(request));
  if (!caller) return faultsAnswer([{ place: '', reason: 'Sign in with name and password first.' }], 401);
  return signedInAnswer(await enterSecondFactor(caller, body.value.code, fromOf(request)));
});
