import { exportColours } from '@/server/services/scheme-files';
import { fileAnswer } from '../../../file-answer';
import { guarded } from '../../../guarded';

interface Given {
  params: Promise<{ job: string }>;
}

/** The colours of the job as CGATS text. */
export const GET = guarded<Given>({ reads: 'plans' }, async (_request, { params }) => {
  const { job } = await params;
  return fileAnswer(await exportColours(job), {
    filename: `${job}-colours.txt`,
    type: 'text/plain; charset=utf-8',
    missing: { place: 'job', reason: `there is no job ${job.slice(0, 40)}` },
  });
});
