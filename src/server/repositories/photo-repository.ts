import { asc, eq } from 'drizzle-orm';
import type { LocalDate } from '../../core/units';
import type { Connection } from '../database/client';
import { photo } from '../database/schema';
import { insert, type RowChange } from './row-change';

export interface Photo {
  id: string;
  part: string | null;
  step: string | null;
  /** The mark it shows, by its id in the job; null for the panel as a whole. */
  mark: string | null;
  /** The gate before primer it shows, a joint or a seam; null for none. */
  gate: string | null;
  caption: string;
  takenOn: LocalDate;
  sha256: string;
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
    caption: row.caption,
    takenOn: row.takenOn,
    sha256: row.sha256,
    widthPx: row.widthPx,
    heightPx: row.heightPx,
    bytes: row.bytes,
    seen: row.version,
  }));
}

export const photoInsert = (number: string, photo: Omit<Photo, 'seen'>): RowChange =>
  insert('photo', { ...photo, id: `${number}/${photo.id}`, jobId: number });
