'use client';

import { get, set } from 'idb-keyval';
import { useSyncExternalStore } from 'react';
import type { Upload } from 'tus-js-client';
import { pageToken, pageTokenHeader } from './page-token';
import { askJson, Refusal } from './asking';

/** What a photo shows, as its address says it. */
export type PhotoPlace = Record<string, string>;

/** A photo on its way: it stays with the browser until the shop has kept it. */
export interface QueuedPhoto {
  id: string;
  job: string;
  name: string;
  bytes: number;
  sent: number;
  state: 'waiting' | 'sending' | 'keeping' | 'refused';
  /** Why it was refused; empty while it was not. */
  reason: string;
}

interface Held extends QueuedPhoto {
  file: Blob;
  place: PhotoPlace;
  /** Where its pieces go, once the first has gone; null before. */
  url: string | null;
}

const storeKey = 'coatrel-photos';
/** A piece; after a break no more than this is sent again. */
const pieceBytes = 512 * 1024;
const pausesMs = [500, 2000, 5000, 10_000, 20_000];
/** What could not be sent is tried again after so long. */
const againMs = 20_000;

let held: Held[] = [];
let shown: readonly QueuedPhoto[] = [];
let isRunning = false;
let reading: Promise<void> | null = null;
const listeners = new Set<() => void>();
const kept = new Set<(job: string) => void>();

function tell(): void {
  shown = held.map(({ id, job, name, bytes, sent, state, reason }) => ({
    id,
    job,
    name,
    bytes,
    sent,
    state,
    reason,
  }));
  for (const listener of listeners) listener();
}

/** The queue outlives the page: a browser that keeps nothing has it in memory alone. */
async function remember(): Promise<void> {
  // What a page before this one left there is read first, or it would be written over.
  await readQueue();
  try {
    await set(storeKey, held);
  } catch {
    // A browser that keeps nothing sends what it holds all the same.
  }
}

async function remembered(): Promise<Held[]> {
  try {
    return (await get<Held[]>(storeKey)) ?? [];
  } catch {
    return [];
  }
}

/** Reads what a page before this one did not get sent, once. */
export const readQueue = (): Promise<void> => (reading ??= restored());

async function restored(): Promise<void> {
  const before = await remembered();
  held = [
    ...before.map((one) => (one.state === 'refused' ? one : { ...one, state: 'waiting' as const })),
    ...held,
  ];
  tell();
  void run();
}

function change(id: string, to: Partial<Held>): void {
  held = held.map((one) => (one.id === id ? { ...one, ...to } : one));
  tell();
}

/** Puts photos into the queue; they are sent one after the other. */
export function queuePhotos(job: string, files: readonly File[], place: PhotoPlace): void {
  for (const file of files)
    held = [
      ...held,
      {
        id: crypto.randomUUID(),
        job,
        name: file.name,
        bytes: file.size,
        sent: 0,
        state: 'waiting',
        reason: '',
        file,
        place,
        url: null,
      },
    ];
  tell();
  void remember();
  void run();
}

/** Takes a photo out of the queue: it is not sent. */
export function dropQueued(id: string): void {
  held = held.filter((one) => one.id !== id);
  tell();
  void remember();
}

async function run(): Promise<void> {
  if (isRunning) return;
  isRunning = true;
  for (let next = waiting(); next; next = waiting()) {
    const isOver = await sendOne(next);
    if (isOver) continue;
    // Nobody answers: the photo waits, and so do those behind it.
    setTimeout(() => void run(), againMs);
    break;
  }
  isRunning = false;
}

const waiting = (): Held | undefined => held.find((one) => one.state === 'waiting');

/** @returns whether it is over with this photo, kept or refused; false where nobody answered */
async function sendOne(photo: Held): Promise<boolean> {
  change(photo.id, { state: 'sending' });
  try {
    const url = await sentInPieces(photo);
    change(photo.id, { state: 'keeping', sent: photo.bytes });
    const query = new URLSearchParams({ ...photo.place, upload: url.slice(url.lastIndexOf('/') + 1) });
    await askJson(`/api/jobs/${encodeURIComponent(photo.job)}/photos?${query}`, { method: 'POST' });
    dropQueued(photo.id);
    for (const one of kept) one(photo.job);
    return true;
  } catch (error) {
    // Who is signed out, or has sent too much at once, sends it later.
    const isRefused =
      error instanceof Refusal &&
      error.status >= 400 &&
      error.status < 500 &&
      ![401, 429].includes(error.status);
    change(photo.id, isRefused ? { state: 'refused', reason: error.message } : { state: 'waiting' });
    void remember();
    return isRefused;
  }
}

/** Sends what has not gone yet. @returns where it lies   @throws Refusal where the shop takes none */
async function sentInPieces({ id, file, bytes, url, name }: Held): Promise<string> {
  // The sender is fetched when the first photo goes, not with every page.
  const tus = await import('tus-js-client');
  return new Promise((done, failed) => {
    const upload: Upload = new tus.Upload(file, {
      endpoint: '/api/uploads',
      uploadUrl: url,
      uploadSize: bytes,
      chunkSize: pieceBytes,
      retryDelays: pausesMs,
      storeFingerprintForResuming: false,
      overridePatchMethod: true,
      headers: { [pageTokenHeader]: pageToken() },
      metadata: { filename: name.slice(0, 80) },
      onProgress: (sent) => change(id, { sent }),
      onUploadUrlAvailable: () => {
        change(id, { url: upload.url });
        void remember();
      },
      onSuccess: () => (upload.url ? done(upload.url) : failed(new Refusal('it has no address', 0))),
      onError: (error) => {
        const answer = 'originalResponse' in error ? error.originalResponse : null;
        const status = answer?.getStatus() ?? 0;
        // A piece whose upload is over begins anew; what is too large or too much is refused.
        if (status === 404 || status === 410) change(id, { url: null, sent: 0 });
        failed(
          status === 413 || status === 400 || status === 403
            ? new Refusal(answer?.getBody().trim() || 'the photo is too large', status)
            : new Refusal('Coatrel does not answer.', 0),
        );
      },
    });
    upload.start();
  });
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  void readQueue();
  return () => listeners.delete(listener);
};
const none: readonly QueuedPhoto[] = [];

/** Photos that are on their way, of every job. */
export const useQueuedPhotos = (): readonly QueuedPhoto[] =>
  useSyncExternalStore(
    subscribe,
    () => shown,
    () => none,
  );

/** Is told of each photo that was kept. @returns to stop listening */
export function onPhotoKept(listener: (job: string) => void): () => void {
  kept.add(listener);
  return () => kept.delete(listener);
}
