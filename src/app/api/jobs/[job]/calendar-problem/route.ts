import { guarded } from '../../../guarded';
import { calendarProblem } from '@/server/services/changes';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** What the calendar of a job has to solve as it stands, for the browser to look for an order that ends sooner. */
export const GET = guarded<Given>({ reads: 'plans', cost: 5 }, async (_request, { params }) => {
  const { job } = await params;
  const problem = await calendarProblem(job);
  return problem
    ? Response.json(problem)
    : faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
});
