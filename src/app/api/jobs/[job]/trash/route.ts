import Joi from 'joi';
import { trashJob } from '@/server/services/trash';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer, writerOf } from '../../../json-body';
import { parsedBody } from '../../../parsed-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ number: string }>({ number: Joi.string().max(40).allow('').required() });

/** Puts a job into the trash; its number is typed once more, so that it is the one that is meant. */
export const POST = guarded<Given>({ does: 'trash' }, async (request, { params }, caller) => {
  const { job } = await params;
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  if (body.value.number.trim() !== job)
    return faultsAnswer([{ place: 'number', reason: `type ${job.slice(0, 40)} to put it away` }]);
  return answerOf(await trashJob(job, writerOf(request, caller)));
});
