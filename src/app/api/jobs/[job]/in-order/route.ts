import { inOrderOf } from '@/server/services/in-order';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The plan held against the laws of the work: what breaks one, where and by how much. */
export const GET = guarded<Given>({ reads: 'plans', cost: 10 }, async (_request, { params }) => {
  const { job } = await params;
  const answer = await inOrderOf(job);
  return answer === null
    ? faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404)
    : Response.json(answer);
});
