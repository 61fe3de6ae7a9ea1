import { guarded } from '../../../guarded';
import { historyOf } from '@/server/services/shelf';

interface Given {
  params: Promise<{ code: string }>;
}

/** How a sheet was changed, newest first. */
export const GET = guarded<Given>({ reads: 'shelf' }, async (_request, { params }) => {
  return Response.json({ history: await historyOf((await params).code) });
});
