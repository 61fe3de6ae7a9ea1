import { fetchDocument } from '@/server/services/documents';
import { guarded } from '../../guarded';
import { faultsAnswer } from '../../json-body';

interface Given {
  params: Promise<{ id: string }>;
}

/** A document that was made within the hour. */
export const GET = guarded<Given>(async (request, { params }) => {
  const found = await fetchDocument((await params).id);
  if (!found)
    return faultsAnswer([{ place: 'document', reason: 'this document is over: make it again' }], 404);
  const name = request.nextUrl.searchParams.get('name') ?? '';
  const filename = /^[A-Za-z0-9-]{1,120}\.pdf$/.test(name) ? name : 'document.pdf';
  return new Response(found.body, {
    headers: {
      'content-type': 'application/pdf',
      'content-length': String(found.bytes),
      'content-disposition': `attachment; filename="${filename}"`,
      'cache-control': 'private, no-store',
      'x-content-type-options': 'nosniff',
    },
  });
});
