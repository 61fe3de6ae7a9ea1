import { desc, asc } from 'drizzle-orm';
import type { WorkNote } from '../../core/record';
import type { Connection } from '../database/client';
import { workNote } from '../database/schema';

/** A note with the version that guards its retirement. */
export type KeptNote = WorkNote & { seen: number };

/** Every note of the shop, the latest first. */
export async function loadNotes(connection: Connection): Promise<KeptNote[]> {
  const rows = await connection.select().from(workNote).orderBy(desc(workNote.onDate), asc(workNote.id));
  return rows.map(({ version, ...row }) => ({ ...row, seen: version }));
}
