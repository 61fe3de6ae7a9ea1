import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { addPhoto, photosOf } from '@/server/services/photos';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { writerOf, faultsAnswer, readBytes } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ part: string; mark: string; gate: string; step: string; caption: string }>({
  part: field.line(20).allow('').required(),
  mark: field.line(80).allow('').required(),
  gate: field.line(80).allow('').required(),
  step: field.line(120).allow('').required(),
  caption: field.line(200).allow('').required(),
});
const largest = 15 * 1024 * 1024;

export const GET = guarded<Given>(async (_request, { params }) => {
  return Response.json({ photos: await photosOf((await params).job) });
});

/** The body is the photo itself; the panel and the caption stand in the address. */
export const POST = guarded<Given>(async (request, { params }) => {
  const query = request.nextUrl.searchParams;
  const parsed = parseWith(schema, {
    part: query.get('part') ?? '',
    mark: query.get('mark') ?? '',
    gate: query.get('gate') ?? '',
    step: query.get('step') ?? '',
    caption: query.get('caption') ?? '',
  });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const body = await readBytes(request, largest);
  if ('answer' in body) return body.answer;
  const { part, mark, gate, step, caption } = parsed.value;
  const outcome = await addPhoto(
    (await params).job,
    { part: part || null, mark: mark || null, gate: gate || null, step: step || null, caption },
    body.bytes,
    writerOf(request),
  );
  return answerOf(outcome);
});
