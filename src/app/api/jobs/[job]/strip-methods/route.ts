import { guarded } from '../../../guarded';
import { panelEstimates } from '@/server/services/survey-advice';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

export const GET = guarded<Given>({ reads: 'plans' }, async (request, { params }) => {
  const { job } = await params;
  const part = new URL(request.url).searchParams.get('part') ?? '';
  const estimates = await panelEstimates(job, part);
  return estimates
    ? Response.json(estimates)
    : faultsAnswer(
        [{ place: 'part', reason: `there is no part ${part.slice(0, 40)} in ${job.slice(0, 40)}` }],
        404,
      );
});
