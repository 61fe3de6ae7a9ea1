import { usualFigures, type Figures } from '../figures';
import { colourRoles, type LayerRole } from '../film';
import type { SessionNeed } from './needs';

export interface ColourPool {
  product: string;
  /** Key of its colour, and what that is called. */
  colour: string;
  colourName: string;
  /** Net litres of every coat of it in the job, mixed with the reserve. */
  netL: number;
  mixL: number;
  /** Unactivated, on top of what is mixed: for a correction, and for the owner's touch-up. */
  heldBackL: number;
  touchUpL: number;
  sessions: string[];
}

/**
 * One batch for all parts: everything of one product in one colour is boxed together before the first coat, unactivated,
 * and activated batch by batch. What is held back is made on top.
 */
export function colourPools(
  sessions: readonly SessionNeed[],
  colourOf: ReadonlyMap<string, { role: LayerRole; colour: string; colourName: string }>,
  figures: Figures = usualFigures,
): ColourPool[] {
  const pools = new Map<string, ColourPool>();
  for (const session of sessions) {
    const own = colourOf.get(session.session + '\n' + session.product);
    if (!own || !colourRoles.has(own.role)) continue;
    const key = `${session.product}\n${own.colour}`;
    const pool = pools.get(key) ?? {
      product: session.product,
      colour: own.colour,
      colourName: own.colourName,
      netL: 0,
      mixL: 0,
      heldBackL: 0,
      touchUpL: figures('mix.touch-up', { product: session.product }),
      sessions: [],
    };
    pool.netL += session.netL;
    pool.sessions.push(session.session);
    pools.set(key, pool);
  }
  return [...pools.values()].map((pool) => {
    const at = { product: pool.product };
    const mixL = pool.netL * (1 + figures('mix.reserve', at));
    return { ...pool, mixL, heldBackL: mixL * figures('mix.held-back', at) };
  });
}

/** What a coat of a session is tinted to; undefined for what has no colour. */
export function tintOf(
  pools: readonly ColourPool[],
  product: string,
  session: string | undefined,
): { key: string; name: string } | undefined {
  const pool = pools.find(
    (one) => one.product === product && session !== undefined && one.sessions.includes(session),
  );
  return pool && { key: pool.colour, name: pool.colourName };
}
