import { asc, desc, gt } from 'drizzle-orm';
import { database } from './database/client';
import { editRecord } from './database/schema';
import { log } from './log';

/** A write that somebody made, here or in another process. */
export interface LiveChange {
  /** Its place in the record. */
  id: number;
  /** Number of the job, or `shop`. */
  room: string;
  /** Key of the request, by which a page knows its own. */
  request: string;
}

type Listener = (changes: readonly LiveChange[]) => void;

/** Between two looks, ms: a change is told within this and the way to the page. */
const everyMs = 150;
/** Ids may come out of their order where several nodes write: so many are looked at again. */
const back = 100;

interface Watching {
  listeners: Set<Listener>;
  last: number;
  seen: Set<number>;
  timer: NodeJS.Timeout | null;
}
// One watch for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelLive?: Watching };
const watching = (): Watching =>
  (store.coatrelLive ??= { listeners: new Set(), last: -1, seen: new Set(), timer: null });

const changeOf = ({
  id,
  room,
  request,
}: {
  id: number;
  room: string;
  request: string | null;
}): LiveChange => ({
  id,
  room,
  request: request ?? '',
});

async function look(): Promise<void> {
  const now = watching();
  if (now.last < 0) {
    const rows = await database()
      .select({ id: editRecord.id })
      .from(editRecord)
      .orderBy(desc(editRecord.id))
      .limit(back);
    now.last = rows[0]?.id ?? 0;
    now.seen = new Set(rows.map((one) => one.id));
    return;
  }
  const rows = await database()
    .select({ id: editRecord.id, room: editRecord.room, request: editRecord.request })
    .from(editRecord)
    .where(gt(editRecord.id, now.last - back))
    .orderBy(asc(editRecord.id))
    .limit(500);
  const fresh = rows.filter((one) => !now.seen.has(one.id));
  if (fresh.length === 0) return;
  now.last = Math.max(now.last, ...fresh.map((one) => one.id));
  now.seen = new Set([...now.seen, ...fresh.map((one) => one.id)].filter((id) => id > now.last - 2 * back));
  const changes = fresh.map(changeOf);
  for (const one of now.listeners) one(changes);
}

function next(): void {
  const now = watching();
  now.timer = setTimeout(() => {
    look()
      .catch((error: unknown) =>
        log().warn({ err: error }, 'changes are not seen while the database is away'),
      )
      .finally(() => (now.listeners.size > 0 ? next() : stop()));
  }, everyMs);
}

function stop(): void {
  const now = watching();
  if (now.timer) clearTimeout(now.timer);
  now.timer = null;
  // What happens while nobody listens is not told later: whoever comes reads the page as it stands.
  now.last = -1;
}

/** Tells of every write from now on, until it is ended. Nothing is asked of the database while nobody listens. @returns to stop */
export function onChange(listener: Listener): () => void {
  const now = watching();
  now.listeners.add(listener);
  if (now.timer === null) next();
  return () => now.listeners.delete(listener);
}

/** The last write there is; a page is told of those after it. */
export async function lastChange(): Promise<number> {
  const [row] = await database()
    .select({ id: editRecord.id })
    .from(editRecord)
    .orderBy(desc(editRecord.id))
    .limit(1);
  return row?.id ?? 0;
}

/** Writes since one, the latest of them where they are many. */
export async function changesSince(id: number): Promise<LiveChange[]> {
  const rows = await database()
    .select({ id: editRecord.id, room: editRecord.room, request: editRecord.request })
    .from(editRecord)
    .where(gt(editRecord.id, id))
    .orderBy(desc(editRecord.id))
    .limit(back);
  return rows.reverse().map(changeOf);
}
