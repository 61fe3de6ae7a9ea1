import { boolean, index, int, json, mysqlTable, unique, varchar } from 'drizzle-orm/mysql-core';
import type { KeptChange } from './kept-change';
import { document, id, shortText, whole, word } from './columns';

/**
 * The audit record: one write of one person in one job (or in the shop). What stood before is its inverse, with the row
 * versions it left behind; what stands since are its changes. Undo works from it.
 */
export const editRecord = mysqlTable(
  'edit_record',
  {
    id: int('id').autoincrement().primaryKey(),
    /** Number of the job, or `shop`; no foreign key, because the shop has edits too. */
    room: id('room').notNull(),
    author: id('author').notNull(),
    /** What kind of write it was: an edit, an entry, an acceptance, an import, an undo. */
    kind: word('kind').default('edit'),
    /** What was done, by the word that rights go by; empty in records of an older Coatrel. */
    deed: varchar('deed', { length: 40 }).notNull().default(''),
    /** The tablet it was done on; null for none. */
    tabletId: varchar('tablet_id', { length: 160 }),
    label: shortText('label'),
    inverse: document<KeptChange[]>('inverse'),
    /** Null in records of an older Coatrel, and where a write changed more rows than are worth keeping twice. */
    changes: json('changes').$type<KeptChange[] | null>(),
    /** Panels it concerned; null in records of an older Coatrel. */
    panels: json('panels').$type<string[] | null>(),
    /** Key of the request that asked for it: the same request sent twice counts once. */
    request: varchar('request_key', { length: 64 }),
    atMinute: whole('at_minute'),
    /** Whether its author may take it back: entries of a book are corrected by counter-entries instead. */
    undoable: boolean('undoable').notNull().default(true),
    undone: boolean('undone').notNull().default(false),
  },
  (table) => [
    index('edit_record_last').on(table.room, table.author, table.id),
    index('edit_record_room').on(table.room, table.id),
    unique('edit_record_request').on(table.request),
  ],
);
