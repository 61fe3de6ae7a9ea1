import { createWriteStream } from 'node:fs';
import { rename, rm, stat } from 'node:fs/promises';
import sharp from 'sharp';
import { paperPdf } from './documents/paper-pdf';
import type { Tell, WorkerAnswers, WorkerTask } from './tasks';

/** A photo on paper is so wide, px: 85 mm at 300 dots an inch. */
const printedPx = 1000;

/** Makes a PDF in a file: beside its name first, so that it is there whole or not at all. */
export async function documentFile(
  { paper, size, photos, out }: Extract<WorkerTask, { kind: 'document' }>,
  tell: Tell,
): Promise<WorkerAnswers['document']> {
  const pathOf = new Map(photos.map((one) => [one.sha256, one.path]));
  const photo = async (sha256: string): Promise<Uint8Array | null> => {
    const path = pathOf.get(sha256);
    return path === undefined ? null : printed(path);
  };
  const beside = `${out}.part`;
  try {
    await paperPdf({ paper, size, photo, tell }, createWriteStream(beside, { mode: 0o600 }));
    await rename(beside, out);
  } catch (error) {
    await rm(beside, { force: true });
    throw error;
  }
  return { bytes: (await stat(out)).size };
}

/** A stored photo as large as it is printed; null where the file is gone or is none any more. */
const printed = (path: string): Promise<Uint8Array | null> =>
  sharp(path)
    .resize(printedPx, printedPx, { fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: 78 })
    .toBuffer()
    .then(
      (bytes) => new Uint8Array(bytes),
      () => null,
    );
