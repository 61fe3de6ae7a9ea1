import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible';
import { callbackPool } from '../database/client';

/** How often something may be tried within some seconds, and for how long it is shut afterwards. */
const limits = {
  /** Wrong passwords for one name. */
  name: { points: 10, duration: 900, blockDuration: 900 },
  /** Wrong passwords, codes and links from one address. */
  address: { points: 60, duration: 900, blockDuration: 900 },
  /** Wrong badge codes of one person on one tablet, and of all on one tablet. */
  badge: { points: 5, duration: 900, blockDuration: 900 },
  tablet: { points: 20, duration: 900, blockDuration: 900 },
  /** Wrong codes of a second factor of one account. */
  factor: { points: 6, duration: 900, blockDuration: 900 },
} as const;
export type Attempt = keyof typeof limits;

// One set for the process, whatever is loaded anew; the counts lie in the database and hold for all processes.
const store = globalThis as typeof globalThis & { coatrelAttempts?: Map<Attempt, RateLimiterMySQL> };

function limiterOf(kind: Attempt): RateLimiterMySQL {
  const all = (store.coatrelAttempts ??= new Map<Attempt, RateLimiterMySQL>());
  const known = all.get(kind);
  if (known) return known;
  const { pool, schema } = callbackPool();
  const made = new RateLimiterMySQL({
    storeClient: pool,
    storeType: 'pool',
    dbName: schema,
    tableName: 'attempt_count',
    tableCreated: true,
    clearExpiredByTimeout: false,
    keyPrefix: kind,
    ...limits[kind],
  });
  all.set(kind, made);
  return made;
}

/** Forgets the limiters; whoever closes the database does. */
export function closeAttempts(): void {
  store.coatrelAttempts?.clear();
}

/** Minutes until it may be tried again; null where it may be now. Nothing is counted. */
export async function shutFor(kind: Attempt, key: string): Promise<number | null> {
  const found = await limiterOf(kind).get(key);
  // A clock that ran ahead and was put back shuts nobody out for as long as it was ahead.
  if (found && found.msBeforeNext > (limits[kind].blockDuration + 60) * 1000) {
    await forgetFailures(kind, key);
    return null;
  }
  return found && found.consumedPoints > limits[kind].points - 1 && found.msBeforeNext > 0
    ? Math.ceil(found.msBeforeNext / 60_000)
    : null;
}

/** Counts a try that failed. */
export async function countFailure(kind: Attempt, key: string): Promise<void> {
  await limiterOf(kind)
    .consume(key)
    .catch((reason: unknown) => {
      // Too many is no error: the next look says so.
      if (!(reason instanceof RateLimiterRes)) throw reason;
    });
}

/** A try that succeeded wipes the slate of its name. */
export async function forgetFailures(kind: Attempt, key: string): Promise<void> {
  await limiterOf(kind).delete(key);
}
