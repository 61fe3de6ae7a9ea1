import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { revokeOwnerLink } from '@/server/services/owner-page';
import { answerOf } from '../../../../edit-answer';
import { guarded } from '../../../../guarded';
import { faultsAnswer, readBody, writerOf } from '../../../../json-body';

interface Given {
  params: Promise<{ job: string; id: string }>;
}

const schema = Joi.object<{ seen: number }>({ seen: field.whole(1, 1_000_000).required() });

/** Takes a link back. */
export const POST = guarded<Given>({ does: 'owner-link' }, async (request, { params }, caller) => {
  const { job, id } = await params;
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await revokeOwnerLink(job, id, parsed.value.seen, writerOf(request, caller)));
});
