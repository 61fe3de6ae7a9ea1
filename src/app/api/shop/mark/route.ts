import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { takeMark } from '@/server/services/mark';
import { answerOf } from '../../edit-answer';
import { guarded } from '../../guarded';
import { faultsAnswer, readBytes, writerOf } from '../../json-body';

const schema = Joi.object<{ seen: number }>({ seen: field.whole(1, 1_000_000_000).required() });
const largest = 15 * 1024 * 1024;

/** The body is the picture of the shop's mark. */
export const POST = guarded({ does: 'shop' }, async (request, _context, caller) => {
  const parsed = parseWith(schema, { seen: Number(request.nextUrl.searchParams.get('seen')) });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const body = await readBytes(request, largest);
  if ('answer' in body) return body.answer;
  return answerOf(await takeMark(body.bytes, parsed.value.seen, writerOf(request, caller)));
});
