import { randomUUID } from 'node:crypto';
import type { Fault } from '../../core/exchange';
import type { Edit } from '../../core/record';
import { database } from '../database/client';
import { keepEdit, lastEdit, markUndone, reseatEarlierEdits } from '../repositories/edit-repository';
import { localDateOf, type LocalDate } from '../../core/units';
import { loadJob } from '../repositories/job-repository';
import { loadShop } from '../repositories/shop-repository';
import type { RowChange } from '../repositories/row-change';
import { applyChanges, RowMovedOn } from '../repositories/row-store';
import { currentMinute } from './clock';
import { changesOf } from './edit-changes';
import { refusalsOf } from './edit-refusals';

export type EditOutcome =
  | { status: 'saved'; label: string }
  | { status: 'faulty'; faults: Fault[] }
  | { status: 'moved-on'; what: string; why: 'changed' | 'gone' | 'exists' }
  | { status: 'nothing' };

const movedOn = (error: unknown): EditOutcome => {
  if (error instanceof RowMovedOn)
    return { status: 'moved-on', what: `${error.table} ${error.id}`, why: error.why };
  if (isForeignKeyFault(error))
    return { status: 'faulty', faults: [{ place: '', reason: 'it names something that does not exist' }] };
  throw error;
};

const isForeignKeyFault = (error: unknown): boolean =>
  (error as { cause?: { code?: string } }).cause?.code === 'ER_NO_REFERENCED_ROW_2';

/** Carries out changes in one transaction and keeps their inverse for undo. */
export async function saveChanges(
  room: string,
  author: string,
  label: string,
  changes: readonly RowChange[],
): Promise<EditOutcome> {
  try {
    await database().transaction(async (connection) => {
      const inverse = await applyChanges(connection, changes);
      await keepEdit(connection, { room, author, label, inverse, atMinute: currentMinute() });
    });
    return { status: 'saved', label };
  } catch (error) {
    return movedOn(error);
  }
}

/** The shop's own day; before there is a shop, the day in UTC. */
async function today(): Promise<LocalDate> {
  const found = await loadShop(database());
  return localDateOf(currentMinute(), found?.shop.timeZone ?? 'UTC');
}

/** Entries of a book are not undone but corrected by a counter-entry. */
const entryKinds: readonly Edit['kind'][] = ['stock', 'correct-stock', 'log', 'correct-log'];
const isEntry = (edit: Edit): boolean => entryKinds.includes(edit.kind);
const datesItself = (edit: Edit): boolean =>
  edit.kind === 'add-readings' || edit.kind === 'add-scope' || isEntry(edit);

/** Carries out an entry in one transaction; it leaves no inverse behind. */
async function saveEntry(label: string, changes: readonly RowChange[]): Promise<EditOutcome> {
  try {
    await database().transaction((connection) => applyChanges(connection, changes));
    return { status: 'saved', label };
  } catch (error) {
    return movedOn(error);
  }
}

/** Saves one edit of a screen at once, guarded by the versions the person saw. */
export async function saveEdit(edit: Edit, author: string): Promise<EditOutcome> {
  const stored = 'job' in edit ? await loadJob(database(), edit.job) : null;
  const prepared = changesOf(edit, stored, randomUUID, datesItself(edit) ? await today() : '');
  if (prepared.status === 'faulty') return prepared;
  const refusals = await refusalsOf(edit, stored?.job ?? null);
  if (refusals.length > 0) return { status: 'faulty', faults: refusals };
  if (isEntry(edit)) return saveEntry(prepared.label, prepared.changes);
  return saveChanges(prepared.room, author, prepared.label, prepared.changes);
}

/** Takes back this author's last edit in this room, if the rows still stand as it left them. */
export async function undoLast(room: string, author: string): Promise<EditOutcome> {
  try {
    return await database().transaction(async (connection) => {
      const edit = await lastEdit(connection, room, author);
      if (!edit) return { status: 'nothing' };
      await applyChanges(connection, edit.inverse);
      await markUndone(connection, edit.id);
      await reseatEarlierEdits(connection, room, edit.id, edit.inverse);
      return { status: 'saved', label: edit.label };
    });
  } catch (error) {
    return movedOn(error);
  }
}
