import { keepPicture } from '../photos/store';
import { saveEdit, type EditOutcome, type Writer } from './edits';
import { pictureOf } from './photos';

/** Takes the picture of the shop's mark for the head of its paper; the file is kept before the shop names it. */
export async function takeMark(bytes: Buffer, seen: number, writer: Writer): Promise<EditOutcome> {
  const picture = await pictureOf(bytes);
  if ('reason' in picture) return { status: 'faulty', faults: [{ place: 'mark', reason: picture.reason }] };
  const markSha256 = await keepPicture(picture);
  return saveEdit({ kind: 'shop', seen, set: { markSha256 } }, writer);
}
