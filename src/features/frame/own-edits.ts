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

/** Versions of a row that edits of this page went out from, each with the fields that were changed. */
type Steps = Map<number, ReadonlySet<string>>;

/** A single value may be typed again; a whole document is made from what was seen, and would undo what came between. */
const isPlain = (value: unknown): boolean => typeof value !== 'object' || value === null;

/**
 * Edits of one page that follow each other faster than the page is drawn anew: each waits for the one before it of the
 * same row and goes out from the version that one left, so that nobody meets their own change as somebody else's. What
 * another person wrote in between is met as ever.
 */
export class OwnEdits<T extends { status: string }> {
  private readonly lines = new Map<string, Promise<unknown>>();
  private readonly steps = new Map<string, Steps>();

  /** @param send carries the edit out; its answer says whether it was saved */
  async run(edit: Edit, send: (edit: Edit) => Promise<T>): Promise<T> {
    if (!isRowEdit(edit)) return send(edit);
    const row = rowOf(edit);
    const before = this.lines.get(row) ?? Promise.resolve();
    const own = before.then(async () => {
      const now = this.brought(edit, row);
      const outcome = await send(now);
      if (outcome.status === 'saved') {
        this.keep(row, now);
        return outcome;
      }
      if (now.seen === edit.seen) return outcome;
      // A row that was removed and brought back counts from one again: then what the page shows is the truth.
      this.steps.delete(row);
      return send(edit);
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
    const steps: Steps = this.steps.get(row) ?? new Map();
    steps.set(seen, new Set(Object.keys(set)));
    this.steps.set(row, steps);
  }

  /** The edit as it goes out: from the version that the page's own edits left, where it takes nothing of theirs back. */
  private brought(edit: RowEdit, row: string): RowEdit {
    const steps = this.steps.get(row);
    let { seen } = edit;
    for (let fields = steps?.get(seen); fields; fields = steps?.get(seen)) {
      const changed = fields;
      const takesBack = Object.entries(edit.set).some(
        ([field, value]) => changed.has(field) && !isPlain(value),
      );
      if (takesBack) return edit;
      seen += 1;
    }
    return { ...edit, seen };
  }
}
