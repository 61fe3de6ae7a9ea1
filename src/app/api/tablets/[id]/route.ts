import Joi from 'joi';
import { field } from '@/core/exchange';
import { endTablet } from '@/server/services/tablets';
import { answerOf } from '../../edit-answer';
import { guarded } from '../../guarded';
import { writerOf } from '../../json-body';
import { parsedBody } from '../../parsed-body';

interface Given {
  params: Promise<{ id: string }>;
}

const schema = Joi.object<{ seen: number }>({ seen: field.whole(1, 1_000_000_000).required() });

/** Takes a tablet back. */
export const POST = guarded<Given>({ does: 'tablet' }, async (request, { params }, caller) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  return answerOf(await endTablet((await params).id, body.value.seen, writerOf(request, caller)));
});
