import { archiveOf } from '@/server/services/job-archive';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** A job with its quotes and its photos, as one file to take along or to keep. */
export const GET = guarded<Given>({ reads: 'file', cost: 20 }, async (_request, { params }) => {
  const { job } = await params;
  const archive = await archiveOf(job);
  if (!archive) return faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
  return new Response(archive, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${job.replace(/[^A-Za-z0-9-]/g, '')}.zip"`,
      'cache-control': 'private, no-store',
      'x-content-type-options': 'nosniff',
    },
  });
});
