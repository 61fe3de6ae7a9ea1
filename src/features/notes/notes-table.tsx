'use client';

import { Empty, Table } from '@/ui/layout';
import { fullDate } from '../words/format';
import { NoteLines } from './note-lines';
import type { NoteShown } from './notes-props';

export interface NotesProps {
  notes: NoteShown[];
  /** What an operation, a product, a body or a place is called, by its key. */
  names: Record<string, string>;
}

/** Everything the shop has learned at the work, and where it comes back. */
export function NotesTable({ notes, names }: NotesProps) {
  const standing = notes.filter((one) => one.retiredOn === null);
  const retired = notes.filter((one) => one.retiredOn !== null);
  const tieText = ({ operation, product, bodyKind, place }: NoteShown) =>
    [operation, product, bodyKind, place]
      .filter(Boolean)
      .map((key) => names[key] ?? key)
      .join(', ');
  return (
    <section aria-label="Notes">
      <p className="max-w-prose pb-2 text-quiet">
        A note is written at a step (Steps) and comes back before the same work, with the same product, on the
        same kind of body or at the same place.
      </p>
      {standing.length === 0 && <Empty>No note has been written.</Empty>}
      {standing.length > 0 && (
        <Table caption="Notes that come back" head={['Comes back with', 'What happened and what helps']}>
          {standing.map((note) => (
            <tr key={note.id} className="border-b border-line align-top">
              <td className="py-1 pr-3">{tieText(note)}</td>
              <td>
                <NoteLines notes={[note]} />
              </td>
            </tr>
          ))}
        </Table>
      )}
      {retired.length > 0 && (
        <details className="pt-3">
          <summary className="cursor-pointer">Retired: {retired.length}</summary>
          <ul>
            {retired.map((note) => (
              <li key={note.id} className="py-1">
                {note.cause}: {note.cure}{' '}
                <span className="text-quiet">
                  retired {fullDate(note.retiredOn ?? '')}, {note.retiredWhy}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
