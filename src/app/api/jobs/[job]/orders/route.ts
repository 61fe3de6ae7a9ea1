import { guarded } from '../../../guarded';
import { ordersOf } from '@/server/services/changes';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The best orders of the colours of each body with their masks, each planned by the real calendar. */
export const GET = guarded<Given>(async (_request, { params }) => {
  const { job } = await params;
  const answer = await ordersOf(job);
  return answer === null
    ? faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404)
    : Response.json(answer);
});
