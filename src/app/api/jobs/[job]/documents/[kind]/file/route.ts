import { documentOf } from '@/app/document-of';
import { whyNotRead } from '@/core/rights';
import { documentReading } from '@/features/documents/document-kinds';
import { makeDocument } from '@/server/services/documents';
import { documentAsked, documentFilename } from '../../../../../document-asked';
import { faultsAnswer } from '../../../../../json-body';
import { told } from '../../../../../told';

interface Given {
  params: Promise<{ job: string; kind: string }>;
}

/** Makes a document as PDF; who accepts lines hears how far it is. The answer says where it is fetched within the hour. */
export const GET = told<Given>('signed-in', async (request, { params }, tell, caller) => {
  const { job, kind } = await params;
  const asked = documentAsked(kind, new URL(request.url).searchParams);
  if (asked.status === 'faulty') return faultsAnswer(asked.faults);
  const reading = documentReading[asked.value.kind];
  const why = whyNotRead(caller.rights, reading);
  if (why !== null) return faultsAnswer([{ place: '', reason: why }], 403);
  const paper = await documentOf(job, asked.value.kind, asked.value);
  if (paper === null)
    return faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
  if ('reason' in paper) return faultsAnswer([{ place: 'document', reason: paper.reason }]);
  const id = await makeDocument(paper, reading, asked.value.paper, tell, request.signal);
  return Response.json({ path: `/api/documents/${id}?name=${documentFilename(job, asked.value)}` });
});
