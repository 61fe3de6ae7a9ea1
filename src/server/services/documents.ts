import { randomBytes } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { photosOfPaper, type PrintedPaper } from '../../core/documents';
import { readings, type Reading } from '../../core/rights';
import type { DocumentTask, Tell } from '../../workers/tasks';
import { dataFolder } from '../database/access';
import { clearOlderThan } from '../old-files';
import { picturePath } from '../photos/store';
import { inThreadTold } from '../workers/pool';

/** Documents lie here until they are fetched; they are made anew at any time. */
const folder = (): string => join(dataFolder(), 'documents');
const keptMs = 3_600_000;

/**
 * Makes a document as PDF on a thread.
 * @param reading what somebody has to be allowed to read to fetch it
 * @returns its id, by which it is fetched within the hour
 */
export async function makeDocument(
  paper: PrintedPaper,
  reading: Reading,
  size: DocumentTask['size'],
  tell: Tell,
  signal?: AbortSignal,
): Promise<string> {
  await mkdir(folder(), { recursive: true, mode: 0o700 });
  await clearOlderThan(folder(), keptMs);
  const id = `${reading}-${randomBytes(16).toString('hex')}`;
  const shas = paper.shop.markSha256 === null ? [] : [paper.shop.markSha256];
  const photos = [...shas, ...photosOfPaper(paper)].flatMap((sha256) => {
    const path = picturePath(sha256);
    return path === null ? [] : [{ sha256, path }];
  });
  const task: DocumentTask = { kind: 'document', paper, size, photos, out: pathOf(id) };
  await inThreadTold(task, tell, signal);
  return id;
}

const pathOf = (id: string): string => join(folder(), `${id}.pdf`);

/** What has to be allowed to fetch a document, as its id says; null for what is no id. */
export const readingOfDocument = (id: string): Reading | null =>
  /^[a-z-]{1,20}-[0-9a-f]{32}$/.test(id) ? (readings.find((one) => id.startsWith(`${one}-`)) ?? null) : null;

/** A document that was made, as it is read from the disk; null where there is none any more. */
export async function fetchDocument(id: string): Promise<{ bytes: number; body: ReadableStream } | null> {
  if (readingOfDocument(id) === null) return null;
  const found = await stat(pathOf(id)).catch(() => null);
  return found && { bytes: found.size, body: Readable.toWeb(createReadStream(pathOf(id))) as ReadableStream };
}
