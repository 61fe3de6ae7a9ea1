import { RateLimiterMemory } from 'rate-limiter-flexible';

/** What one person may ask for in a minute: pages and edits are one each, a comparison of plans ten. */
const perMinute = 1800;

// One count for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelCosts?: RateLimiterMemory };

/** Counts what is asked for; false where it is more than one person needs. @param who a session, or a tablet */
export async function mayAsk(who: string, cost: number): Promise<boolean> {
  const limiter = (store.coatrelCosts ??= new RateLimiterMemory({ points: perMinute, duration: 60 }));
  return limiter.consume(who, cost).then(
    () => true,
    () => false,
  );
}
