import { guarded } from '../../../guarded';
import { forecastOf } from '@/server/services/forecast';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The range in which a job may end, what may go wrong on the way, and what was forecast of it before. */
export const GET = guarded<Given>({ reads: 'plans', cost: 3 }, async (_request, { params }) => {
  const { job } = await params;
  const told = await forecastOf(job);
  return told
    ? Response.json(told)
    : faultsAnswer([{ place: 'job', reason: `there is no open job ${job.slice(0, 40)}` }], 404);
});
