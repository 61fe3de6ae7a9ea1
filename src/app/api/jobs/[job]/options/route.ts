import { guarded } from '../../../guarded';
import { costedOptions } from '@/server/services/survey-advice';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

export const GET = guarded<Given>({ reads: 'plans', cost: 5 }, async (_request, { params }) => {
  const { job } = await params;
  const options = await costedOptions(job);
  return options
    ? Response.json({ options })
    : faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
});
