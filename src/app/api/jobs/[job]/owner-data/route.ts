import Joi from 'joi';
import { eraseOwnerOf, ownerDataOf } from '@/server/services/owner-data';
import { answerOf } from '../../../edit-answer';
import { fileAnswer } from '../../../file-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer, writerOf } from '../../../json-body';
import { parsedBody } from '../../../parsed-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** Everything that is kept of the owner of a job, to hand over. */
export const GET = guarded<Given>({ does: 'owner-data' }, async (_request, { params }) => {
  const { job } = await params;
  return fileAnswer(await ownerDataOf(job), {
    filename: `${job.replace(/[^A-Z0-9-]/g, '')}-owner.json`,
    type: 'application/json; charset=utf-8',
    missing: { place: 'job', reason: `there is no job ${job.slice(0, 40)}` },
  });
});

const schema = Joi.object<{ number: string }>({ number: Joi.string().max(40).allow('').required() });

/** Erases the owner of a job; its number is typed once more, since nothing brings the name back. */
export const POST = guarded<Given>({ does: 'owner-data' }, async (request, { params }, caller) => {
  const { job } = await params;
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  if (body.value.number.trim() !== job)
    return faultsAnswer([{ place: 'number', reason: `type ${job.slice(0, 40)} to erase its owner` }]);
  return answerOf(await eraseOwnerOf(job, writerOf(request, caller)));
});
