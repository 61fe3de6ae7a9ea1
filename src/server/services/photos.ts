import { randomUUID } from 'node:crypto';
import { netOfJob } from '../../core/survey';
import { localDateOf } from '../../core/units';
import { readPicture } from '../photos/picture';
import { keepPicture } from '../photos/store';
import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { loadPhotos, photoInsert, type Photo } from '../repositories/photo-repository';
import { currentMinute } from './clock';
import { saveChanges, type EditOutcome } from './edits';
import { requireShop } from './plans';

export { loadPicture } from '../photos/store';
export type { Photo };

/** The photos of a job, oldest first. */
export const photosOf = (number: string): Promise<Photo[]> => loadPhotos(database(), number);

/** Takes a photo of a panel, or of the job as a whole; the file is kept before the row that names it. */
export async function addPhoto(
  number: string,
  given: { part: string | null; mark: string | null; gate: string | null; caption: string },
  bytes: Buffer,
  author: string,
): Promise<EditOutcome> {
  const [stored, { shop }] = await Promise.all([loadJob(database(), number), requireShop()]);
  const faulty = (place: string, reason: string): EditOutcome => ({
    status: 'faulty',
    faults: [{ place, reason }],
  });
  if (!stored) return faulty('job', `there is no job ${number}`);
  if (given.part !== null && !netOfJob(stored.job).some((part) => part.key === given.part))
    return faulty('part', `there is no part ${given.part} on the net`);
  if (given.mark !== null && !stored.job.marks.some((mark) => mark.id === given.mark))
    return faulty('mark', 'that mark is gone');
  if (given.gate !== null && !stored.job.gates.some((gate) => gate.id === given.gate))
    return faulty('gate', 'that gate is gone');
  const picture = await readPicture(bytes);
  if ('reason' in picture) return faulty('photo', picture.reason);
  const sha256 = await keepPicture(picture);
  const photo: Omit<Photo, 'seen'> = {
    id: randomUUID(),
    part: given.part,
    step: null,
    mark: given.mark,
    gate: given.gate,
    caption: given.caption,
    takenOn: localDateOf(currentMinute(), shop.timeZone),
    sha256,
    widthPx: picture.widthPx,
    heightPx: picture.heightPx,
    bytes: picture.jpeg.byteLength,
  };
  return saveChanges(number, author, `photo of ${given.part ?? number}`, [photoInsert(number, photo)]);
}
