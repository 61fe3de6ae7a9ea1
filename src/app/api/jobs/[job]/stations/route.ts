import { exportStations } from '@/server/services/scheme-files';
import { fileAnswer } from '../../../file-answer';
import { guarded } from '../../../guarded';

interface Given {
  params: Promise<{ job: string }>;
}

/** Every line and band of the scheme, station by station. */
export const GET = guarded<Given>({ reads: 'plans' }, async (_request, { params }) => {
  const { job } = await params;
  return fileAnswer(await exportStations(job), {
    filename: `${job}-stations.csv`,
    type: 'text/csv; charset=utf-8',
    missing: { place: 'job', reason: `there is no job ${job.slice(0, 40)}` },
  });
});
