import { RateLimiterMemory } from 'rate-limiter-flexible';

/**
 * What may be asked for in a minute: pages and edits are one each, a comparison of plans ten. The demo is one caller for
 * all that sit at its machine, and for programs that try it.
 */
const perMinute = { person: 1800, demo: 60_000 };

// One count for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & {
  coatrelCosts?: Record<keyof typeof perMinute, RateLimiterMemory>;
};

const limiterOf = (points: number) => new RateLimiterMemory({ points, duration: 60 });

/** Counts what is asked for; false where it is more than one person needs. @param who a session, a tablet, or `demo` */
export async function mayAsk(who: string, cost: number): Promise<boolean> {
  const limiters = (store.coatrelCosts ??= {
    person: limiterOf(perMinute.person),
    demo: limiterOf(perMinute.demo),
  });
  return limiters[who === 'demo' ? 'demo' : 'person'].consume(who, cost).then(
    () => true,
    () => false,
  );
}
