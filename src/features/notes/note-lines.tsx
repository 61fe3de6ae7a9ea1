'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useSaving } from '../frame/saving';
import { fullDate } from '../words/format';
import type { NoteShown } from './notes-props';
import { useOpen } from '../frame/who';

/** Notes with cause and cure; one that is wrong is retired, with why. */
export const NoteLines = ({ notes }: { notes: readonly NoteShown[] }) => (
  <ul>
    {notes.map((note) => (
      <li key={note.id} className="border-b border-line py-1">
        <NoteLine note={note} />
      </li>
    ))}
  </ul>
);

function NoteLine({ note: { id, seen, cause, cure, job, onDate } }: { note: NoteShown }) {
  const live = useOpen('retire-note');
  const { save } = useSaving();
  const [why, setWhy] = useState<string | null>(null);
  return (
    <>
      <p>
        <span className="font-semibold">{cause}:</span> {cure}
      </p>
      <p className="flex flex-wrap items-center justify-between gap-2 text-small text-quiet">
        <span>{[job, fullDate(onDate)].filter(Boolean).join(', ')}</span>
        {why === null && (
          <button type="button" className="underline" onClick={() => setWhy('')}>
            it is wrong
          </button>
        )}
      </p>
      {why !== null && (
        <form
          className="flex gap-2 pt-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (why.trim() !== '') void save({ kind: 'retire-note', id, seen, why: why.trim() });
          }}
        >
          <input
            aria-label={`Why the note “${cause}” is wrong`}
            placeholder="why"
            maxLength={200}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          <Button type="submit" disabled={!live || why.trim() === ''}>
            Retire it
          </Button>
        </form>
      )}
    </>
  );
}
