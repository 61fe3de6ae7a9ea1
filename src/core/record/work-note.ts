import type { WorkNoteRecord } from '../concepts/work-note';

/** What was learned at the work, with its cause and its cure. */
export interface WorkNote extends WorkNoteRecord {
  id: string;
}

/** A note as it is written: the day is the shop's own, and it holds until it is retired. */
export type NewNote = Omit<WorkNoteRecord, 'onDate' | 'retiredOn' | 'retiredWhy'>;

/** What a note holds for; one that names none of them would come back everywhere. */
export const noteTies = ['operation', 'product', 'bodyKind', 'place'] as const;
export type NoteTie = (typeof noteTies)[number];

export const isTied = (note: Pick<NewNote, NoteTie>): boolean => noteTies.some((tie) => note[tie] !== '');
