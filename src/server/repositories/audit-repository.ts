import { and, desc, eq, lt, notInArray, sql } from 'drizzle-orm';
import type { Deed } from '../../core/rights';
import type { Minute } from '../../core/units';
import type { Connection } from '../database/client';
import { editRecord } from '../database/schema';
import type { KeptChange } from '../database/schema/kept-change';
import type { Inverse, RowChange } from './row-change';
import type { TableName } from './tables';

export const writeKinds = [
  'edit',
  'entry',
  'acceptance',
  'photo',
  'import',
  'new-job',
  'demo',
  'undo',
] as const;
export type WriteKind = (typeof writeKinds)[number];

/** What was kept was an inverse when it was written; whether its columns still are is asked when it is applied. */
const inverseOf = (kept: readonly KeptChange[]): Inverse[] => kept as Inverse[];

/** One write as the audit record keeps it. */
export interface AuditEntry {
  room: string;
  author: string;
  deed: Deed;
  tabletId: string | null;
  kind: WriteKind;
  label: string;
  inverse: Inverse[];
  changes: readonly (RowChange | Inverse)[];
  panels: string[];
  request: string;
  atMinute: Minute;
  undoable: boolean;
}

/** Above this many rows what was written is not kept a second time: it came from a file or the demo. */
const mostRowsKept = 500;

export async function keepWrite(connection: Connection, entry: AuditEntry): Promise<void> {
  await connection.insert(editRecord).values({
    ...entry,
    label: entry.label.slice(0, 80),
    changes: entry.changes.length > mostRowsKept ? null : [...entry.changes],
  });
}

/** The write that a request made before; null where it is new. */
export async function writeOfRequest(
  connection: Connection,
  request: string,
): Promise<{ room: string; author: string; label: string } | null> {
  const { room, author, label } = editRecord;
  const rows = await connection
    .select({ room, author, label })
    .from(editRecord)
    .where(eq(editRecord.request, request));
  return rows[0] ?? null;
}

/** How many edits of a person in one room can be undone. */
const undoDepth = 100;

/** The last edit of this author in this room that can be taken back and was not, among the newest hundred. */
export async function lastEdit(connection: Connection, room: string, author: string) {
  const rows = await connection
    .select()
    .from(editRecord)
    .where(and(eq(editRecord.room, room), eq(editRecord.author, author), eq(editRecord.undoable, true)))
    .orderBy(desc(editRecord.id))
    .limit(undoDepth);
  const row = rows.find((one) => !one.undone);
  return row ? { ...row, inverse: inverseOf(row.inverse) } : null;
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
        change.kind === 'update' ? [change.id, change.seen] : [change.row.id, change.row.version];
      return [[`${change.table} ${id}`, { from: change.was, to: left + 1 }]];
    }),
  );
  const rows = await connection
    .select({ id: editRecord.id, inverse: editRecord.inverse })
    .from(editRecord)
    .where(
      and(
        eq(editRecord.room, room),
        eq(editRecord.undone, false),
        eq(editRecord.undoable, true),
        lt(editRecord.id, before),
      ),
    )
    .orderBy(desc(editRecord.id))
    .limit(undoDepth);
  for (const row of rows) {
    let touched = false;
    const inverse = inverseOf(row.inverse).map((change) => {
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
  table: TableName,
  id: string,
): Promise<{ atMinute: Minute; label: string; author: string; change: Inverse }[]> {
  const rows = await connection
    .select()
    .from(editRecord)
    .where(
      and(
        eq(editRecord.room, room),
        eq(editRecord.undone, false),
        notInArray(editRecord.kind, ['undo', 'demo']),
      ),
    )
    .orderBy(desc(editRecord.id))
    .limit(500);
  return rows.flatMap(({ atMinute, label, author, inverse }) =>
    inverseOf(inverse)
      .filter(
        (change) => change.table === table && (change.kind === 'insert' ? change.row.id : change.id) === id,
      )
      .map((change) => ({ atMinute, label, author, change })),
  );
}

/** One line of the audit record as it is read. */
export interface AuditRow {
  id: number;
  room: string;
  author: string;
  tabletId: string | null;
  kind: string;
  label: string;
  atMinute: Minute;
  undone: boolean;
  inverse: KeptChange[];
  changes: KeptChange[] | null;
}

/**
 * The audit record of a room, or of all of them, newest first.
 * @param panel only what concerned this panel   @param before only lines older than this id, for the next page
 */
export async function readAudit(
  connection: Connection,
  room: string | null,
  { panel, before, most }: { panel: string | null; before: number | null; most: number },
): Promise<AuditRow[]> {
  const { id, author, tabletId, kind, label, atMinute, undone, inverse, changes } = editRecord;
  return connection
    .select({ id, room: editRecord.room, author, tabletId, kind, label, atMinute, undone, inverse, changes })
    .from(editRecord)
    .where(
      and(
        room === null ? undefined : eq(editRecord.room, room),
        before === null ? undefined : lt(editRecord.id, before),
        panel === null ? undefined : sql`json_contains(${editRecord.panels}, json_quote(${panel}))`,
      ),
    )
    .orderBy(desc(editRecord.id))
    .limit(most);
}
