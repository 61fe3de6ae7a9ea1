import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { photoTags, type PhotoTag } from '@/core/record';
import { addPhoto, addUploaded, photosOf, type PhotoPlace } from '@/server/services/photos';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { writerOf, faultsAnswer, readBytes } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

interface Asked {
  part: string;
  face: PhotoPlace['face'] | '';
  mark: string;
  gate: string;
  sample: string;
  step: string;
  coat: number | null;
  tag: PhotoTag;
  caption: string;
  forOwner: boolean;
}

const schema = Joi.object<Asked>({
  part: field.line(20).allow('').required(),
  face: Joi.valid('', 'outside', 'inside').required(),
  mark: field.line(80).allow('').required(),
  gate: field.line(80).allow('').required(),
  sample: field.line(80).allow('').required(),
  step: field.line(120).allow('').required(),
  coat: field.whole(1, 60).allow(null).required(),
  tag: field.oneOf(photoTags).required(),
  caption: field.line(200).allow('').required(),
  forOwner: field.flag().required(),
});
const largest = 15 * 1024 * 1024;

export const GET = guarded<Given>({ reads: 'plans' }, async (_request, { params }) => {
  return Response.json({ photos: await photosOf((await params).job) });
});

/** What a photo shows, as the address says it. */
function placeOf(query: URLSearchParams) {
  const text = (name: string) => query.get(name) ?? '';
  const coat = query.get('coat');
  return parseWith(schema, {
    part: text('part'),
    face: text('face'),
    mark: text('mark'),
    gate: text('gate'),
    sample: text('sample'),
    step: text('step'),
    coat: coat ? Number(coat) : null,
    tag: query.get('tag') || 'work',
    caption: text('caption'),
    forOwner: query.get('forOwner') === 'true',
  });
}

/** The photo is the body, or an upload that is whole; what it shows stands in the address. */
export const POST = guarded<Given>({ does: 'add-photo' }, async (request, { params }, caller) => {
  const query = request.nextUrl.searchParams;
  const parsed = placeOf(query);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const upload = query.get('upload');
  const { part, face, mark, gate, sample, step, coat, tag, caption, forOwner } = parsed.value;
  const place: PhotoPlace = {
    part: part || null,
    face: face || null,
    mark: mark || null,
    gate: gate || null,
    sample: sample || null,
    step: step || null,
    coat,
    tag,
    caption,
    forOwner,
  };
  const { job } = await params;
  if (upload !== null) return answerOf(await addUploaded(job, place, upload, writerOf(request, caller)));
  const body = await readBytes(request, largest);
  if ('answer' in body) return body.answer;
  return answerOf(await addPhoto(job, place, body.bytes, writerOf(request, caller)));
});
