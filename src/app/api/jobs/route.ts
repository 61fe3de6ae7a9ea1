import { readNewJob } from '@/core/exchange';
import { createJob } from '@/server/services/jobs';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf, faultsAnswer, readBody } from '../json-body';

export const POST = guarded({ does: 'new-job' }, async (request, _context, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const given = readNewJob(body.value);
  if (given.status === 'faulty') return faultsAnswer(given.faults);
  return answerOf(await createJob(given.value, writerOf(request, caller)));
});
