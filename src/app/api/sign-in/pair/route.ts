import Joi from 'joi';
import { cookieLine, tabletCookie } from '@/server/access/cookies';
import { pairTablet } from '@/server/services/tablets';
import { openTo } from '../../guarded';
import { faultsAnswer } from '../../json-body';
import { parsedBody } from '../../parsed-body';
import { fromOf, shutAnswer } from '../../signed-in';

const schema = Joi.object<{ code: string }>({ code: Joi.string().max(20).required() });

/** Pairs the tablet that asks, by the code that Shop shows. */
export const POST = openTo(async (request) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const outcome = await pairTablet(body.value.code, fromOf(request));
  if (outcome.status === 'shut') return shutAnswer(outcome.minutes);
  if (outcome.status === 'refused') return faultsAnswer([{ place: 'code', reason: outcome.reason }]);
  const { seal, seconds } = outcome.begun;
  return Response.json(
    { status: 'saved', name: outcome.name },
    { headers: { 'set-cookie': cookieLine(tabletCookie(), seal, seconds) } },
  );
});
