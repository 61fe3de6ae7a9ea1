import { and, desc, eq, lt } from 'drizzle-orm';
import type { Minute } from '../../core/units';
import type { Connection } from '../database/client';
import { editRecord } from '../database/schema';
import type { Inverse } from './row-change';

export interface EditToKeep {
  room: string;
  author: string;
  label: string;
  inverse: Inverse[];
  atMinute: Minute;
}

export async function keepEdit(connection: Connection, edit: EditToKeep): Promise<void> {
  await connection.insert(editRecord).values({ ...edit, label: edit.label.slice(0, 80) });
}

/** How many edits of a person in one room can be undone. */
const undoDepth = 100;

/** The last edit of this author in this room that was not undone, among the newest hundred. */
export async function lastEdit(connection: Connection, room: string, author: string) {
  const rows = await connection
    .select()
    .from(editRecord)
    .where(and(eq(editRecord.room, room), eq(editRecord.author, author)))
    .orderBy(desc(editRecord.id))
    .limit(undoDepth)
    .for('update');
  return rows.find((row) => !row.undone) ?? null;
}

export async function markUndone(connection: Connection, id: number): Promise<void> {
  await connection.update(editRecord).set({ undone: true }).where(eq(editRecord.id, id));
}

/**
 * After an undo a row stands as the edit before it left it, but under a new version; the earlier inverses of the room
 * are told that version, so that they still fit.
 */
export async function reseatEarlierEdits(
  connection: Connection,
  room: string,
  before: number,
  undone: readonly Inverse[],
): Promise<void> {
  const moved = new Map(
    undone.flatMap((change): [string, { from: number; to: number }][] => {
      if (change.kind === 'delete') return [];
      const [id, left] =
        change.kind === 'update' ? [change.id, change.seen] : [change.row.id, Number(change.row.version)];
      return [[`${change.table} ${id}`, { from: change.was, to: left + 1 }]];
    }),
  );
  const rows = await connection
    .select()
    .from(editRecord)
    .where(and(eq(editRecord.room, room), eq(editRecord.undone, false), lt(editRecord.id, before)))
    .orderBy(desc(editRecord.id))
    .limit(undoDepth);
  for (const row of rows) {
    let touched = false;
    const inverse = row.inverse.map((change) => {
      if (change.kind === 'insert') return change;
      const move = moved.get(`${change.table} ${change.id}`);
      if (!move || move.from !== change.seen) return change;
      touched = true;
      return { ...change, seen: move.to };
    });
    if (touched) await connection.update(editRecord).set({ inverse }).where(eq(editRecord.id, row.id));
  }
}

/** Edits of a room that changed one row and still stand, newest first, with the inverse of that row. */
export async function editsTouching(
  connection: Connection,
  room: string,
  table: Inverse['table'],
  id: string,
): Promise<{ atMinute: Minute; label: string; author: string; change: Inverse }[]> {
  const rows = await connection
    .select()
    .from(editRecord)
    .where(and(eq(editRecord.room, room), eq(editRecord.undone, false)))
    .orderBy(desc(editRecord.id))
    .limit(500);
  return rows.flatMap(({ atMinute, label, author, inverse }) =>
    inverse
      .filter(
        (change) => change.table === table && (change.kind === 'insert' ? change.row.id : change.id) === id,
      )
      .map((change) => ({ atMinute, label, author, change })),
  );
}
