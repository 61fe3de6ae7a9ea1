import { hidingOf } from '@/server/services/changes';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** What each colour of a job hides of its ground, and how it shows over the others. */
export const GET = guarded<Given>({ reads: 'plans', cost: 3 }, async (_request, { params }) => {
  const { job } = await params;
  const rows = await hidingOf(job);
  return rows === null
    ? faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404)
    : Response.json({ rows });
});
