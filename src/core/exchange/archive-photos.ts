import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly } from '../concepts/atoms';
import { photoTags, type PhotoTag } from '../record';
import type { LocalDate } from '../units';
import { parseJson, parseWith, type Parsed } from './faults';

/** A photo as the archive of a job lists it: the picture lies beside the list under its SHA-256. */
export interface ArchivedPhoto {
  id: string;
  part: string | null;
  face: 'outside' | 'inside' | null;
  step: string | null;
  mark: string | null;
  gate: string | null;
  sample: string | null;
  coat: number | null;
  tag: PhotoTag;
  caption: string;
  forOwner: boolean;
  takenOn: LocalDate;
  sha256: string;
}

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
export function readArchivedPhotos(text: string): Parsed<ArchivedPhoto[]> {
  const json = parseJson(text);
  return json.status === 'faulty' ? json : parseWith<ArchivedPhoto[]>(photos, json.value);
}
