import { costedOptions } from '@/server/services/survey-advice';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

export async function GET(_request: Request, { params }: Given): Promise<Response> {
  const { job } = await params;
  const options = await costedOptions(job);
  return options
    ? Response.json({ options })
    : faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
}
