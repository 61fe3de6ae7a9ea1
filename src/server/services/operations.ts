import type { Operation } from '../../core/steps';
import type { Minute } from '../../core/units';
import { database } from '../database/client';
import { editsTouching } from '../repositories/audit-repository';

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
    const cells = change.kind === 'update' ? change.set : change.kind === 'insert' ? change.row : {};
    // The one document cell of the operation's own row.
    const before = 'entry' in cells ? (cells.entry as Partial<Operation>) : null;
    return { atMinute, label, author, before };
  });
}
