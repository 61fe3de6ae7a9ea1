import { whyNotRead } from '@/core/rights';
import { fetchDocument, readingOfDocument } from '@/server/services/documents';
import { guarded } from '../../guarded';
import { faultsAnswer } from '../../json-body';

interface Given {
  params: Promise<{ id: string }>;
}

/** A document that was made within the hour. */
export const GET = guarded<Given>('signed-in', async (request, { params }, caller) => {
  const { id } = await params;
  const reading = readingOfDocument(id);
  const why = reading && whyNotRead(caller.rights, reading);
  if (why) return faultsAnswer([{ place: '', reason: why }], 403);
  const found = reading && (await fetchDocument(id));
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
