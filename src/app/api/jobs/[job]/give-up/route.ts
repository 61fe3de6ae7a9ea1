import { guarded } from '../../../guarded';
import { giveUpsOf } from '@/server/services/changes';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The five single changes that bring the job back to its date and caps at the least loss of finish. */
export const GET = guarded<Given>({ reads: 'plans', cost: 10 }, async (_request, { params }) => {
  const { job } = await params;
  const answer = await giveUpsOf(job);
  return answer.status === 'no-job'
    ? faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404)
    : Response.json(answer);
});
