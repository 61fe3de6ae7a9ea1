import { schemesOf } from '@/server/services/changes';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The scheme of a job and those kept beside it, each planned by the real calendar, with its sides to look at. */
export const GET = guarded<Given>({ reads: 'plans', cost: 10 }, async (_request, { params }) => {
  const { job } = await params;
  const schemes = await schemesOf(job);
  return schemes === null
    ? faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404)
    : Response.json({ schemes });
});
