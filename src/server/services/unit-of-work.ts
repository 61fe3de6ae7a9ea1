import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import type { Fault } from '../../core/exchange';
import { whyNotDo, type Deed, type Rights } from '../../core/rights';
import { database, type Connection } from '../database/client';
import { hasCode, isPassing } from '../database/fault';
import * as schema from '../database/schema';
import { keepWrite, writeOfRequest, type WriteKind } from '../repositories/audit-repository';
import type { Inverse, RowChange } from '../repositories/row-change';
import { applyChanges, RowConflict, TooOld } from '../repositories/row-store';
import { currentMinute } from './clock';

/** Who writes, what they may, and the key of the request that asked for it: the same key sent twice counts once. */
export interface Writer {
  /** Id of the account, or a word for who has none: the command, the owner. */
  author: string;
  rights: Rights;
  /** The tablet it is done on. */
  tabletId?: string | null;
  request?: string;
}

/** The command on the machine: whoever may run it reaches the data itself. */
export const commandWriter: Writer = { author: 'command', rights: ['manager'] };

/** What a write would do, or why it is refused. */
export type Prepared =
  | {
      status: 'ok';
      /** Number of the job it belongs to, or `shop`. */
      room: string;
      kind: WriteKind;
      label: string;
      changes: readonly (RowChange | Inverse)[];
      /** Entries of a book are not undone but corrected by a counter-entry. */
      undoable: boolean;
      /** What is written besides rows: a plan that was accepted. */
      also?: (connection: Connection) => Promise<void>;
    }
  | { status: 'faulty'; faults: Fault[] }
  | { status: 'conflict'; what: string; why: 'changed' | 'gone' | 'exists' }
  | { status: 'nothing' }
  | { status: 'forbidden'; reason: string };

export type EditOutcome =
  | { status: 'saved'; label: string }
  | { status: 'faulty'; faults: Fault[] }
  | { status: 'conflict'; what: string; why: 'changed' | 'gone' | 'exists' }
  | { status: 'nothing' }
  | { status: 'forbidden'; reason: string };

/** A refusal that names the place and the reason. */
export const faulty = (place: string, reason: string): { status: 'faulty'; faults: Fault[] } => ({
  status: 'faulty',
  faults: [{ place, reason }],
});

/** What other writers have to wait for: a job, or the shop, which every acceptance and every new job goes through. */
export type Lock = { job: string } | 'shop';

const mostTries = 6;

/** Some milliseconds, other ones for each try and each writer, so that two in each other's way part. */
const pause = (attempt: number): Promise<void> =>
  new Promise((done) => setTimeout(done, 4 * 2 ** attempt + Math.random() * 16));

/**
 * The one door for every write: in one transaction the rows it rests on are locked and read, refusals are said, changes
 * are applied with what stood before kept for undo, and who wrote what is recorded. It is tried again when it met
 * another writer or a connection that broke; a request that was carried out before is answered and not repeated.
 * @param deed what is done, by the word that rights go by; who may not is told before anything is read
 * @param prepare reads through the connection it is handed and writes nothing
 */
export async function write(
  writer: Writer,
  deed: Deed,
  lock: Lock,
  prepare: (connection: Connection) => Promise<Prepared>,
): Promise<EditOutcome> {
  const why = whyNotDo(writer.rights, deed);
  if (why !== null) return { status: 'forbidden', reason: why };
  const request = writer.request ?? randomUUID();
  for (let attempt = 1; ; attempt += 1)
    try {
      return await database().transaction((connection) =>
        writeOnce(connection, { ...writer, request }, deed, lock, prepare),
      );
    } catch (error) {
      const outcome = outcomeOf(error);
      if (outcome) return outcome;
      if (attempt >= mostTries || !(isPassing(error) || hasCode(error, 'ER_DUP_ENTRY'))) throw error;
      await pause(attempt);
    }
}

async function writeOnce(
  connection: Connection,
  { author, request, tabletId = null }: Writer & { request: string },
  deed: Deed,
  lock: Lock,
  prepare: (connection: Connection) => Promise<Prepared>,
): Promise<EditOutcome> {
  // Locks come first and in one order, the shop before a job; what is read afterwards is the newest there is.
  await takeLock(connection, lock);
  const before = await writeOfRequest(connection, request);
  if (before)
    return before.author === author
      ? { status: 'saved', label: before.label }
      : {
          status: 'faulty',
          faults: [{ place: 'request', reason: 'this request key belongs to another write' }],
        };
  const prepared = await prepare(connection);
  if (prepared.status !== 'ok') return prepared;
  const { room, kind, label, changes, undoable, also } = prepared;
  const applied = await applyChanges(connection, changes);
  await also?.(connection);
  await keepWrite(connection, {
    room,
    kind,
    label,
    changes,
    undoable,
    deed,
    author,
    tabletId,
    request,
    inverse: applied.inverse,
    panels: applied.panels,
    atMinute: currentMinute(),
  });
  return { status: 'saved', label };
}

async function takeLock(connection: Connection, lock: Lock): Promise<void> {
  const { job, shop, roomLock } = schema;
  await connection
    .insert(roomLock)
    .values({ name: lock === 'shop' ? 'shop' : lock.job.slice(0, 160), turns: 1 })
    .onDuplicateKeyUpdate({ set: { turns: sql`${roomLock.turns} + 1` } });
  if (lock === 'shop') await connection.select({ id: shop.id }).from(shop).for('update');
  else await connection.select({ id: job.id }).from(job).where(eq(job.id, lock.job)).for('update');
}

/** What an error says to the one who wrote; null where it is ours or passes. */
function outcomeOf(error: unknown): EditOutcome | null {
  if (error instanceof RowConflict)
    return { status: 'conflict', what: `${error.table} ${error.id}`, why: error.why };
  if (error instanceof TooOld)
    return {
      status: 'faulty',
      faults: [{ place: '', reason: 'this edit was made by an older Coatrel and cannot be undone any more' }],
    };
  if (hasCode(error, 'ER_NO_REFERENCED_ROW_2'))
    return { status: 'faulty', faults: [{ place: '', reason: 'it names something that does not exist' }] };
  if (hasCode(error, 'ER_DATA_TOO_LONG') || hasCode(error, 'ER_CONSTRAINT_FAILED'))
    return {
      status: 'faulty',
      faults: [{ place: '', reason: 'a value does not fit what the database holds' }],
    };
  return null;
}
