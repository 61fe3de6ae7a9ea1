import { strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { mostArchivedPhotos, readArchivedPhotos, readJobBundle, type Fault } from '../../core/exchange';
import type { JobPhoto } from '../../core/record';
import { database } from '../database/client';
import { loadJob } from '../repositories/job-repository';
import { loadOffers } from '../repositories/offer-repository';
import { loadPhotos, photoInsert, type Photo } from '../repositories/photo-repository';
import type { RowChange } from '../repositories/row-change';
import { keepPicture, loadPicture } from '../photos/store';
import { readPicture } from '../../workers/picture';
import { exportJob, importJob } from './jobs';
import type { EditOutcome, Writer } from './unit-of-work';

const listed = ({ seen: _seen, widthPx: _w, heightPx: _h, bytes: _bytes, ...photo }: Photo): JobPhoto =>
  photo;

/**
 * A job as an archive (zip): its bundle, its quotes as they were made, the list of its photos and the photos. It is made while
 * it is read, so that memory stays that of one photo. @returns null where there is no such job
 */
export async function archiveOf(number: string): Promise<ReadableStream<Uint8Array> | null> {
  const bundle = await exportJob(number);
  if (bundle === null) return null;
  const [offers, photos] = await Promise.all([
    loadOffers(database(), number),
    loadPhotos(database(), number),
  ]);
  const texts: [string, string][] = [
    ['job.json', bundle],
    [
      'quotes.json',
      `${JSON.stringify(
        offers.map(({ seen: _seen, ...one }) => one),
        null,
        2,
      )}\n`,
    ],
    ['photos.json', `${JSON.stringify(photos.map(listed), null, 2)}\n`],
  ];
  const waiting = [...new Set(photos.map((one) => one.sha256))];
  const zip = new Zip();
  return new ReadableStream<Uint8Array>({
    start(stream) {
      zip.ondata = (error, chunk, isLast) => {
        if (error) return stream.error(error);
        stream.enqueue(chunk);
        if (isLast) stream.close();
      };
      for (const [name, text] of texts) {
        const file = new ZipDeflate(name, { level: 6 });
        zip.add(file);
        file.push(strToU8(text), true);
      }
      if (waiting.length === 0) zip.end();
    },
    async pull() {
      const sha256 = waiting.shift();
      if (sha256 === undefined) return;
      const picture = await loadPicture(sha256, false);
      if (picture) {
        // A JPEG is packed already.
        const file = new ZipPassThrough(`photos/${sha256}.jpg`);
        zip.add(file);
        file.push(picture, true);
      }
      if (waiting.length === 0) zip.end();
    },
  });
}

/** Largest archive that is read, and largest file in it, bytes. */
const most = { archive: 4 * 1024 ** 3, bundle: 20 * 1024 ** 2, photo: 15 * 1024 ** 2 };
const faulty = (place: string, reason: string): { faults: Fault[] } => ({ faults: [{ place, reason }] });
const nameOfPhoto = /^photos\/[0-9a-f]{64}\.jpg$/;

/** Files of an archive by name; whatever else is in it, or is too large, is refused before it is unpacked. */
function unpacked(bytes: Uint8Array): { files: Record<string, Uint8Array> } | { faults: Fault[] } {
  if (bytes.byteLength > most.archive) return faulty('file', 'the archive is larger than 4 GB');
  let refused: Fault | null = null;
  let photos = 0;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const isPhoto = nameOfPhoto.test(name);
        photos += Number(isPhoto);
        const isKnown = isPhoto || ['job.json', 'quotes.json', 'photos.json'].includes(name);
        if (!isKnown)
          refused ??= { place: name.slice(0, 80), reason: 'no such file belongs into an archive' };
        else if (originalSize > (isPhoto ? most.photo : most.bundle))
          refused ??= { place: name.slice(0, 80), reason: 'the file is larger than any that we write' };
        else if (photos > mostArchivedPhotos)
          refused ??= { place: 'photos', reason: `more than ${mostArchivedPhotos} photos` };
        return refused === null && name !== 'quotes.json';
      },
    });
    return refused ? { faults: [refused] } : { files };
  } catch {
    return faulty('file', 'the file is no zip archive');
  }
}

/**
 * Takes a job out of an archive with its photos, each of them decoded and encoded anew; all of it or nothing. Its quotes
 * stay in the file: they were signed in another copy.
 */
export async function importArchive(
  bytes: Uint8Array,
  writer: Writer,
): Promise<{ number: string; outcome: EditOutcome }> {
  const stop = (faults: Fault[], number = '') => ({
    number,
    outcome: { status: 'faulty' as const, faults },
  });
  const archive = unpacked(bytes);
  if ('faults' in archive) return stop(archive.faults);
  const text = (name: string) => new TextDecoder().decode(archive.files[name] ?? new Uint8Array());
  const bundle = readJobBundle(text('job.json'));
  if (bundle.status === 'faulty')
    return stop(bundle.faults.map(({ place, reason }) => ({ place: `job.json ${place}`.trim(), reason })));
  const list = readArchivedPhotos(text('photos.json') || '[]');
  if (list.status === 'faulty')
    return stop(list.faults.map(({ place, reason }) => ({ place: `photos.json ${place}`.trim(), reason })));
  const { number } = bundle.value.job;
  // Asked before a picture is kept: what is refused leaves nothing.
  if (await loadJob(database(), number))
    return stop([{ place: 'job.json number', reason: `the number ${number} is taken` }], number);
  const photos = await photosIn(archive.files, list.value, number);
  if ('faults' in photos) return stop(photos.faults, number);
  return { number, outcome: await importJob(bundle.value, writer, photos.changes) };
}

async function photosIn(
  files: Record<string, Uint8Array>,
  list: readonly JobPhoto[],
  number: string,
): Promise<{ changes: RowChange[] } | { faults: Fault[] }> {
  const changes: RowChange[] = [];
  for (const photo of list) {
    const place = `photos/${photo.sha256}.jpg`;
    const bytes = files[place];
    if (!bytes) return faulty(place, 'the photo is not in the archive');
    const picture = await readPicture(bytes);
    if ('reason' in picture) return faulty(place, picture.reason);
    const sha256 = await keepPicture(picture);
    const { widthPx, heightPx, jpeg } = picture;
    changes.push(photoInsert(number, { ...photo, sha256, widthPx, heightPx, bytes: jpeg.byteLength }));
  }
  return { changes };
}
