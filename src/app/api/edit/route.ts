import { readEdit } from '@/core/exchange';
import { saveEdit } from '@/server/services/edits';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf, faultsAnswer, readBody } from '../json-body';

export const POST = guarded('signed-in', async (request, _context, caller) => {
  const body = await readBody(request);
  if ('answer' in body) return body.answer;
  const edit = readEdit(body.value);
  if (edit.status === 'faulty') return faultsAnswer(edit.faults);
  return answerOf(await saveEdit(edit.value, writerOf(request, caller)));
});
