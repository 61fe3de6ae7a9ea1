import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly } from '../concepts/atoms';
import { photoTags, type JobPhoto } from '../record';
import { parseJson, parseWith, type Parsed } from './faults';

/** Photos of one archive; a job keeps no more. */
export const mostArchivedPhotos = 2000;

const key = () => field.line(160).min(1).allow(null);
const photos = Joi.array()
  .items(
    exactly({
      id: field.key(),
      part: key(),
      face: Joi.valid('outside', 'inside', null),
      step: key(),
      mark: key(),
      gate: key(),
      sample: key(),
      coat: field.whole(1, 60).allow(null),
      tag: field.oneOf(photoTags),
      caption: field.line(200).allow(''),
      forOwner: field.flag(),
      takenOn: field.localDate(),
      sha256: field.sha256(),
    }),
  )
  .max(mostArchivedPhotos)
  .unique('id');

/** Reads the list of photos of an archive; every fault is named by place and reason. */
export function readArchivedPhotos(text: string): Parsed<JobPhoto[]> {
  const json = parseJson(text);
  return json.status === 'faulty' ? json : parseWith<JobPhoto[]>(photos, json.value);
}
