import type { AuditCell, AuditLine } from '../../core/record';
import { database } from '../database/client';
import { namesOf } from '../repositories/account-repository';
import { readAudit, type AuditRow } from '../repositories/audit-repository';
import { tabletNames } from '../repositories/tablet-repository';
import type { KeptChange } from '../database/schema/kept-change';

/** Lines of one page, cells of one line, and signs of one cell. */
const most = { lines: 30, cells: 24, signs: 160 };

export interface AuditPage {
  lines: AuditLine[];
  /** Where the next page begins; null on the last one. */
  next: number | null;
}

/**
 * What was written of a job or the shop, newest first.
 * @param panel only what concerned this panel; null for all   @param before the page after this line; null for the first
 */
export async function auditOf(room: string, panel: string | null, before: number | null): Promise<AuditPage> {
  const rows = await readAudit(database(), room, { panel, before, most: most.lines + 1 });
  const shown = rows.slice(0, most.lines);
  return {
    lines: await linesOf(shown),
    next: rows.length > most.lines ? (shown.at(-1)?.id ?? null) : null,
  };
}

/** The newest writes of every room, without their cells. */
export async function recentWrites(): Promise<(AuditLine & { room: string })[]> {
  const rows = await readAudit(database(), null, { panel: null, before: null, most: 60 });
  const lines = await linesOf(rows);
  return lines.map((line, i) => ({ ...line, cells: [], room: rows[i]!.room }));
}

/** Who has no account, by the word that stands for them. */
const withoutAccount: Record<string, string> = { command: 'the command', owner: 'the owner' };
/** In records of an older Coatrel an author is the random name of a browser. */
const nameOf = (author: string): string =>
  withoutAccount[author] ?? (/^[0-9a-f-]{36}$/.test(author) ? 'before sign-in' : author);

/** Lines as they are read, their authors and tablets by name. */
async function linesOf(rows: readonly AuditRow[]): Promise<AuditLine[]> {
  const [names, devices] = await Promise.all([
    namesOf(
      database(),
      rows.map((one) => one.author),
    ),
    tabletNames(
      database(),
      rows.flatMap((one) => one.tabletId ?? []),
    ),
  ]);
  return rows.map((row) => {
    const who = names.get(row.author) ?? nameOf(row.author);
    const where = row.tabletId === null ? undefined : devices.get(row.tabletId);
    return lineOf(row, where === undefined ? who : `${who} at ${where}`);
  });
}

function lineOf(
  { room, inverse, changes, id, atMinute, kind, label, undone }: AuditRow,
  author: string,
): AuditLine {
  const cells = cellsOf(room, inverse, changes ?? []);
  return {
    id,
    atMinute,
    author,
    kind,
    label,
    undone,
    cells: cells.slice(0, most.cells),
    more: Math.max(0, cells.length - most.cells),
  };
}

const idOf = (change: KeptChange): string => (change.kind === 'insert' ? change.row.id : change.id);
const cellsOfChange = (change: KeptChange | undefined): object =>
  change === undefined || change.kind === 'delete' ? {} : change.kind === 'insert' ? change.row : change.set;

const own: ReadonlySet<string> = new Set([
  ...['id', 'jobId', 'shopId', 'version', 'position'],
  ...['secretSha256', 'tokenSha256', 'codeEndsAt'],
]);

/** Cells of all rows of a write: what the inverse would bring back, beside what the write put there. */
function cellsOf(room: string, inverse: readonly KeptChange[], changes: readonly KeptChange[]): AuditCell[] {
  const after = new Map(changes.map((change) => [`${change.table} ${idOf(change)}`, change]));
  return [...inverse].reverse().flatMap((back) => {
    const id = idOf(back);
    const was = cellsOfChange(back);
    const now = cellsOfChange(after.get(`${back.table} ${id}`));
    const fields = [...new Set([...Object.keys(was), ...Object.keys(now)])].filter((key) => !own.has(key));
    const row = `${back.table} ${id.startsWith(`${room}/`) ? id.slice(room.length + 1) : id}`;
    return fields.map((field) => ({
      row,
      field,
      before: wordsOf(Reflect.get(was, field)),
      after: wordsOf(Reflect.get(now, field)),
    }));
  });
}

function wordsOf(value: unknown): string | null {
  if (value === undefined || value === null) return null;
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > most.signs ? `${text.slice(0, most.signs)}…` : text;
}
