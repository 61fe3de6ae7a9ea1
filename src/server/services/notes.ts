import { database } from '../database/client';
import { loadNotes, type KeptNote } from '../repositories/note-repository';

export type { KeptNote };

/** What the shop has learned at the work, the latest first. */
export const workNotes = (): Promise<KeptNote[]> => loadNotes(database());
