import type { Operation } from '../../core/steps';
import type { Minute } from '../../core/units';
import { database } from '../database/client';
import { editsTouching } from '../repositories/edit-repository';

export interface OperationVersion {
  atMinute: Minute;
  label: string;
  author: string;
  /** What it was before that edit; null where the catalogue's own entry stood until then. */
  before: Partial<Operation> | null;
}

/** How an entry of the operation catalogue was changed, newest first. */
export async function operationHistory(code: string): Promise<OperationVersion[]> {
  const edits = await editsTouching(database(), 'shop', 'operation', code);
  return edits.map(({ atMinute, label, author, change }) => {
    const cells = change.kind === 'update' ? change.set : change.kind === 'insert' ? change.row : null;
    return { atMinute, label, author, before: (cells?.entry as Partial<Operation> | undefined) ?? null };
  });
}
