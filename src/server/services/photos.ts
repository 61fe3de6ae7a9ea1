import { randomUUID } from 'node:crypto';
import { mostArchivedPhotos } from '../../core/exchange';
import { netOfJob } from '../../core/survey';
import { localDateOf } from '../../core/units';
import { keepPicture } from '../photos/store';
import { letUploadGo, wholeUpload } from '../photos/uploads';
import { FileRefused, readFileInThread } from '../workers/pool';
import type { Picture } from '../../workers/picture';
import { database, type Connection } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { countPhotos, loadPhotos, photoInsert, type Photo } from '../repositories/photo-repository';
import { currentMinute } from './clock';
import { currentPlan } from './plans';
import { requireShop } from './snapshot';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export { loadPicture } from '../photos/store';
export type { Photo };

/** The photos of a job, oldest first. */
export const photosOf = (number: string): Promise<Photo[]> => loadPhotos(database(), number);

/** Where a photo belongs: a panel and its face, a mark, a gate, a sample, a step or a coat; null for none. */
export type PhotoPlace = Pick<
  Photo,
  'part' | 'face' | 'step' | 'mark' | 'gate' | 'sample' | 'coat' | 'tag' | 'caption' | 'forOwner'
>;

/** A picture out of what was sent, decoded on a thread; why there is none otherwise. */
export async function pictureOf(bytes: Buffer): Promise<Picture | { reason: string }> {
  try {
    return await readFileInThread({ kind: 'read-picture', bytes });
  } catch (error) {
    if (error instanceof FileRefused) return { reason: error.message };
    throw error;
  }
}

/** Takes a photo of a panel, or of the job as a whole; the file is kept before the row that names it. */
export async function addPhoto(
  number: string,
  given: PhotoPlace,
  bytes: Buffer,
  writer: Writer,
): Promise<EditOutcome> {
  const refused = (await placeRefusal(number, given, database())) ?? (await stepRefusal(number, given.step));
  if (refused) return refused;
  const picture = await pictureOf(bytes);
  if ('reason' in picture) return faulty('photo', picture.reason);
  const sha256 = await keepPicture(picture);
  return write(writer, 'add-photo', { job: number }, async (connection): Promise<Prepared> => {
    const gone = await placeRefusal(number, given, connection);
    if (gone) return gone;
    if ((await countPhotos(connection, number)) >= mostArchivedPhotos)
      return faulty('photo', `a job keeps at most ${mostArchivedPhotos} photos: remove what nobody needs`);
    const { shop } = await requireShop(connection);
    return {
      status: 'ok',
      room: number,
      kind: 'photo',
      label: `photo of ${given.part ?? given.step ?? number}`,
      undoable: true,
      changes: [
        photoInsert(number, {
          id: randomUUID(),
          part: given.part,
          face: given.face,
          step: given.step,
          mark: given.mark,
          gate: given.gate,
          sample: given.sample,
          coat: given.coat,
          tag: given.tag,
          forOwner: given.forOwner,
          caption: given.caption,
          takenOn: localDateOf(currentMinute(), shop.timeZone),
          sha256,
          widthPx: picture.widthPx,
          heightPx: picture.heightPx,
          bytes: picture.jpeg.byteLength,
        }),
      ],
    };
  });
}

/**
 * Takes a photo that was uploaded in pieces. Asked again after it was kept it is not kept twice: the upload is the key of
 * the request.
 */
export async function addUploaded(
  number: string,
  given: PhotoPlace,
  upload: string,
  writer: Writer,
): Promise<EditOutcome> {
  const own: Writer = { ...writer, request: upload };
  const bytes = await wholeUpload(upload);
  if ('reason' in bytes)
    // What is gone may have been kept already: the record of writes knows.
    return write(own, 'add-photo', { job: number }, () => Promise.resolve(faulty('upload', bytes.reason)));
  const outcome = await addPhoto(number, given, bytes, own);
  if (outcome.status === 'saved') await letUploadGo(upload);
  return outcome;
}

/** What speaks against the place of a photo; null where it stands. */
async function placeRefusal(number: string, given: PhotoPlace, connection: Connection) {
  const stored = await loadJob(connection, number);
  if (!stored) return faulty('job', `there is no job ${number}`);
  const { job } = stored;
  if (given.part !== null && !netOfJob(job).some((part) => part.key === given.part))
    return faulty('part', `there is no part ${given.part} on the net`);
  if (given.mark !== null && !job.marks.some((mark) => mark.id === given.mark))
    return faulty('mark', 'that mark is gone');
  if (given.gate !== null && !job.gates.some((gate) => gate.id === given.gate))
    return faulty('gate', 'that gate is gone');
  if (given.sample !== null && !job.samples.some((one) => one.id === given.sample))
    return faulty('sample', 'that sample is gone');
  return null;
}

/** A step is one of the plan of today; null where it stands. */
async function stepRefusal(number: string, step: string | null) {
  if (step === null) return null;
  const planned = await currentPlan(number);
  return planned?.plan.steps.some((one) => one.key === step)
    ? null
    : faulty('step', `there is no step ${step}`);
}
