import Joi from 'joi';
import { signIn } from '@/server/services/sign-in';
import { openTo } from '../guarded';
import { parsedBody } from '../parsed-body';
import { fromOf, signedInAnswer } from '../signed-in';

const schema = Joi.object<{ name: string; password: string }>({
  name: Joi.string().max(60).required(),
  password: Joi.string().max(200).required(),
});

/** Signs in by name and password. */
export const POST = openTo(async (request) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  return signedInAnswer(await signIn(body.value.name, body.value.password, fromOf(request)));
});
