'use client';

import { createContext, useContext, type ReactNode } from 'react';
import { Notice } from '@/ui/notice';
import type { NoteShown } from './notes-props';

const Notes = createContext<Record<string, NoteShown[]>>({});

/** Notes that come back before the steps of a job, by step. */
export const NotesProvider = ({
  value,
  children,
}: {
  value: Record<string, NoteShown[]>;
  children: ReactNode;
}) => <Notes.Provider value={value}>{children}</Notes.Provider>;

const none: NoteShown[] = [];

export const useNotesOf = (step: string): NoteShown[] => useContext(Notes)[step] ?? none;

/** What was learned of a step before, where somebody is about to do it. */
export function NotesBefore({ step }: { step: string }) {
  const notes = useNotesOf(step);
  return notes.map(({ id, cause, cure }) => (
    <Notice key={id} grade="caution">
      {cause}: {cure}
    </Notice>
  ));
}
