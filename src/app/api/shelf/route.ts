import Joi from 'joi';
import { parseWith } from '@/core/exchange';
import { exportShelf, importShelf, restoreStandardShelf } from '@/server/services/shelf';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf, faultsAnswer, readBody } from '../json-body';

/** The whole Shelf as CSV. */
export const GET = guarded({ reads: 'shelf' }, async () => {
  return new Response(await exportShelf(), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="shelf.csv"',
    },
  });
});

const schema = Joi.object<{ text?: string; standard?: boolean }>({
  text: Joi.string(),
  standard: Joi.boolean(),
}).xor('text', 'standard');

/** Products from CSV text: new ones are added, known ones take the file's sheet. Or the standard ones that are missing. */
export const POST = guarded({ does: 'shelf-file' }, async (request, _context, caller) => {
  const body = await readBody(request, 4 * 1024 * 1024);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { text } = parsed.value;
  return answerOf(
    text === undefined
      ? await restoreStandardShelf(writerOf(request, caller))
      : await importShelf(text, writerOf(request, caller)),
  );
});
