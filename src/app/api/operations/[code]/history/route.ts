import { operationHistory } from '@/server/services/operations';

interface Given {
  params: Promise<{ code: string }>;
}

/** How an operation was changed, newest first. */
export async function GET(_request: Request, { params }: Given): Promise<Response> {
  return Response.json({ history: await operationHistory((await params).code) });
}
