import { mkdir, readFile, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { FileStore } from '@tus/file-store';
import { Server } from '@tus/server';
import { photoLimits } from '../../workers/picture';
import { dataFolder } from '../database/access';
import { clearOlderThan } from '../old-files';

/** Uploads lie beside the photos until they are whole and taken; what nobody finishes is cleared away. */
const folder = (): string => join(dataFolder(), 'uploads');
export const uploadsPath = '/api/uploads';

const dayMs = 86_400_000;
/** Uploads that may be under way at once: each takes its own room on the disk. */
const mostPending = 120;

// One server for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelUploads?: Promise<Server> };

/**
 * Takes uploads in pieces by the open protocol for that (tus 1.0): what broke off goes on where it stopped. Limits are held
 * before a byte is taken.
 */
export const uploadServer = (): Promise<Server> => (store.coatrelUploads ??= made());

async function made(): Promise<Server> {
  await mkdir(folder(), { recursive: true, mode: 0o700 });
  return new Server({
    path: uploadsPath,
    datastore: new FileStore({ directory: folder(), expirationPeriodInMilliseconds: dayMs }),
    maxSize: photoLimits.bytes,
    relativeLocation: true,
    async onUploadCreate() {
      await clearOlderThan(folder(), dayMs);
      if ((await readdir(folder())).length / 2 >= mostPending)
        throw {
          status_code: 429,
          body: `${mostPending} photos are on their way already; wait until some are kept\n`,
        };
      return {};
    },
  });
}

const isId = (id: string): boolean => /^[0-9a-f]{32}$/.test(id);

/** An upload that is whole; why there is none otherwise. It stays until it is let go. */
export async function wholeUpload(id: string): Promise<Buffer | { reason: string }> {
  const gone = { reason: 'this upload is over: send the photo again' };
  if (!isId(id)) return gone;
  const size = await declaredSize(id);
  const bytes = size === null ? null : await readFile(join(folder(), id)).catch(() => null);
  if (bytes === null || size === null) return gone;
  return bytes.byteLength === size
    ? bytes
    : { reason: `${bytes.byteLength} of ${size} bytes have come: let the upload end first` };
}

async function declaredSize(id: string): Promise<number | null> {
  const text = await readFile(join(folder(), `${id}.json`), 'utf8').catch(() => null);
  if (text === null) return null;
  const info: unknown = JSON.parse(text);
  const size = typeof info === 'object' && info !== null && 'size' in info ? info.size : null;
  return typeof size === 'number' ? size : null;
}

/** The photo of an upload is kept: the upload itself is needed no more. */
export async function letUploadGo(id: string): Promise<void> {
  if (!isId(id)) return;
  await rm(join(folder(), id), { force: true });
  await rm(join(folder(), `${id}.json`), { force: true });
}
