import { guarded } from '../../../guarded';
import { operationHistory } from '@/server/services/operations';

interface Given {
  params: Promise<{ code: string }>;
}

/** How an operation was changed, newest first. */
export const GET = guarded<Given>({ reads: 'shop' }, async (_request, { params }) => {
  return Response.json({ history: await operationHistory((await params).code) });
});
