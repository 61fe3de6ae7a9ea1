import type { Edit } from '@/core/record';

/** An edit of fields of one row that was seen in a version. */
type RowEdit = Edit & { seen: number; set: object };

const isRowEdit = (edit: Edit): edit is RowEdit =>
  'seen' in edit &&
  typeof edit.seen === 'number' &&
  'set' in edit &&
  typeof edit.set === 'object' &&
  edit.set !== null;

/** What names the row: everything but the version and what is changed. */
function rowOf(edit: RowEdit): string {
  const { seen: _seen, set: _set, ...row } = edit;
  return JSON.stringify(row);
}

/** A version of a row that an edit of this page went out from, and the fields that it changed. */
interface Step {
  fields: ReadonlySet<string>;
}

/** A single value may be typed again; a whole document is made from what was seen, and would undo what came between. */
const isPlain = (value: unknown): boolean => typeof value !== 'object' || value === null;

/**
 * Edits of one page that follow each other faster than the page is drawn anew: each waits for the one before it of the
 * same row and goes out from the version that one left, so that nobody meets their own change as somebody else's. What
 * another person wrote in between is met as ever.
 */
export class OwnEdits<T extends { status: string }> {
  private readonly lines = new Map<string, Promise<unknown>>();
  private readonly steps = new Map<string, Map<number, Step>>();

  /** @param send carries the edit out; its answer says whether it was saved */
  async run(edit: Edit, send: (edit: Edit) => Promise<T>): Promise<T> {
    if (!isRowEdit(edit)) return send(edit);
    const row = rowOf(edit);
    const before = this.lines.get(row) ?? Promise.resolve();
    const own = before.then(async () => {
      const now = this.brought(edit, row);
      const outcome = await send(now);
      if (outcome.status === 'saved') this.keep(row, now);
      return outcome;
    });
    const settled = own.catch(() => undefined);
    this.lines.set(row, settled);
    try {
      return await own;
    } finally {
      if (this.lines.get(row) === settled) this.lines.delete(row);
    }
  }

  private keep(row: string, { seen, set }: RowEdit): void {
    const steps = this.steps.get(row) ?? new Map<number, Step>();
    steps.set(seen, { fields: new Set(Object.keys(set)) });
    this.steps.set(row, steps);
  }

  /** The edit as it goes out: from the version that the page's own edits left, where it takes nothing of theirs back. */
  private brought(edit: RowEdit, row: string): RowEdit {
    const steps = this.steps.get(row);
    let { seen } = edit;
    for (let step = steps?.get(seen); step; step = steps?.get(seen)) {
      const { fields } = step;
      const takesBack = Object.entries(edit.set).some(
        ([field, value]) => fields.has(field) && !isPlain(value),
      );
      if (takesBack) return edit;
      seen += 1;
    }
    return { ...edit, seen };
  }
}
