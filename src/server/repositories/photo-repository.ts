import { asc, count, eq } from 'drizzle-orm';
import { photoTags, type JobPhoto } from '../../core/record';
import type { Connection } from '../database/client';
import { photo } from '../database/schema';
import { insert, update, type RowChange } from './row-change';

/** What of a photo is told anew. */
export type PhotoWords = Pick<JobPhoto, 'tag' | 'caption' | 'forOwner'>;

export interface Photo extends JobPhoto {
  widthPx: number;
  heightPx: number;
  bytes: number;
  seen: number;
}

export async function loadPhotos(connection: Connection, number: string): Promise<Photo[]> {
  const rows = await connection
    .select()
    .from(photo)
    .where(eq(photo.jobId, number))
    .orderBy(asc(photo.takenOn), asc(photo.id));
  return rows.map((row) => ({
    id: row.id.slice(number.length + 1),
    part: row.part,
    step: row.step,
    mark: row.mark,
    gate: row.gate,
    sample: row.sample,
    face: row.face === 'outside' || row.face === 'inside' ? row.face : null,
    coat: row.coat,
    tag: photoTags.find((one) => one === row.tag) ?? 'work',
    forOwner: row.forOwner,
    caption: row.caption,
    takenOn: row.takenOn,
    sha256: row.sha256,
    widthPx: row.widthPx,
    heightPx: row.heightPx,
    bytes: row.bytes,
    seen: row.version,
  }));
}

export async function countPhotos(connection: Connection, number: string): Promise<number> {
  const [row] = await connection.select({ all: count() }).from(photo).where(eq(photo.jobId, number));
  return row?.all ?? 0;
}

export const photoInsert = (number: string, photo: Omit<Photo, 'seen'>): RowChange =>
  insert('photo', { ...photo, id: `${number}/${photo.id}`, jobId: number });

export const photoWords = (number: string, id: string, seen: number, set: Partial<PhotoWords>): RowChange =>
  update('photo', `${number}/${id}`, seen, set);
