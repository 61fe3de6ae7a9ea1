import { historyOf } from '@/server/services/shelf';

interface Given {
  params: Promise<{ code: string }>;
}

/** How a sheet was changed, newest first. */
export async function GET(_request: Request, { params }: Given): Promise<Response> {
  return Response.json({ history: await historyOf((await params).code) });
}
