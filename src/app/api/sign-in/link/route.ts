import Joi from 'joi';
import { setByLink } from '@/server/services/own-account';
import { openTo } from '../../guarded';
import { parsedBody } from '../../parsed-body';
import { fromOf, signedInAnswer } from '../../signed-in';

const schema = Joi.object<{ token: string; password: string }>({
  token: Joi.string().max(60).required(),
  password: Joi.string().max(400).required(),
});

/** Sets a password by a link, once, and signs in. */
export const POST = openTo(async (request) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  return signedInAnswer(await setByLink(body.value.token, body.value.password, fromOf(request)));
});
