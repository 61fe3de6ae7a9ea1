import { and, eq, gt, lt, or, sql } from 'drizzle-orm';
import type { Connection } from '../database/client';
import { instance, lease } from '../database/schema';

/** Seconds since 1970 by the database's clock, which is the same for all processes. */
const dbNow = sql<number>`unix_timestamp()`;

/**
 * Takes a piece of work for this process, or keeps it. @returns false where another process holds it and still says so
 */
export async function takeLease(
  connection: Connection,
  name: string,
  holder: string,
  seconds: number,
): Promise<boolean> {
  await connection.insert(lease).ignore().values({ name, holder, until: 0 });
  await connection
    .update(lease)
    .set({ holder, until: sql`unix_timestamp() + ${seconds}` })
    .where(
      and(
        eq(lease.name, name),
        // Nobody holds work for longer than a day: a clock that ran ahead is not believed.
        or(eq(lease.holder, holder), lt(lease.until, dbNow), gt(lease.until, sql`unix_timestamp() + 86400`)),
      ),
    );
  const [row] = await connection
    .select({ holder: lease.holder })
    .from(lease)
    .where(and(eq(lease.name, name), gt(lease.until, dbNow)));
  return row?.holder === holder;
}

/** How long ago the work was last done to its end, seconds. */
export async function doneAgo(connection: Connection, name: string): Promise<number> {
  const [row] = await connection
    .select({ ago: sql<number>`unix_timestamp() - ${lease.doneAt}` })
    .from(lease)
    .where(eq(lease.name, name));
  // Done in time to come: the clock was put back since.
  return row === undefined || row.ago < 0 ? Infinity : row.ago;
}

/** Writes down that the work was done, and lets it go. */
export async function endLease(connection: Connection, name: string, holder: string): Promise<void> {
  await connection
    .update(lease)
    .set({ doneAt: dbNow, until: 0 })
    .where(and(eq(lease.name, name), eq(lease.holder, holder)));
}

/** A process that serves this database. */
export interface Instance {
  id: string;
  bound: string;
  pid: number;
  startedAt: number;
  seenAt: number;
}

/** Says that this process is there; those that have not said so for a while are taken off. */
export async function beat(
  connection: Connection,
  { id, bound, pid }: Pick<Instance, 'id' | 'bound' | 'pid'>,
  goneAfter: number,
): Promise<void> {
  await connection
    .insert(instance)
    .values({ id, bound: bound.slice(0, 80), pid, startedAt: dbNow, seenAt: dbNow })
    .onDuplicateKeyUpdate({ set: { seenAt: dbNow } });
  await connection
    .delete(instance)
    .where(
      or(
        lt(instance.seenAt, sql`unix_timestamp() - ${goneAfter}`),
        gt(instance.seenAt, sql`unix_timestamp() + ${goneAfter}`),
      ),
    );
}

export const loadInstances = (connection: Connection): Promise<Instance[]> =>
  connection.select().from(instance).orderBy(instance.startedAt);

export async function leaveInstance(connection: Connection, id: string): Promise<void> {
  await connection.delete(instance).where(eq(instance.id, id));
}
