import { guarded } from '../../../guarded';
import { readChanges } from '@/core/exchange';
import { compareChanges } from '@/server/services/changes';
import { faultsAnswer, readBody } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The job with each of up to four changes, beside it as it stands; nothing is stored. */
export const POST = guarded<Given>({ reads: 'plans', cost: 10 }, async (request, { params }) => {
  const { job } = await params;
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const read = readChanges(body.value);
  if (read.status === 'faulty') return faultsAnswer(read.faults);
  const compared = await compareChanges(job, read.value.changes);
  return compared
    ? Response.json(compared)
    : faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
});
