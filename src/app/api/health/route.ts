import { isEmpty } from '@/server/services/scenario';

export const dynamic = 'force-dynamic';

/** Answers when pages can be served: the database is reached and holds a shop. */
export async function GET(): Promise<Response> {
  const ready = !(await isEmpty());
  return Response.json({ status: ready ? 'ready' : 'empty' }, { status: ready ? 200 : 503 });
}
