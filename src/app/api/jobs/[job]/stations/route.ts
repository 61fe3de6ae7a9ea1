import { exportStations } from '@/server/services/scheme-files';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** Every line and band of the scheme, station by station. */
export const GET = guarded<Given>(async (_request, { params }) => {
  const { job } = await params;
  const table = await exportStations(job);
  if (table === null)
    return faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
  return new Response(table, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${job}-stations.csv"`,
      'x-content-type-options': 'nosniff',
    },
  });
});
