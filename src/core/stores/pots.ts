import type { Minute } from '../units';

/** One coat as it is sprayed: how long the gun runs, and what it lays. */
export interface SprayedCoat {
  from: Minute;
  /** End of the spraying; the flash comes after it. */
  to: Minute;
  litres: number;
}

/** What is mixed at once: used from its first minute to its last. */
export interface Pot {
  from: Minute;
  to: Minute;
  litres: number;
}

const dust = 1e-9;

/**
 * The pots of one product in one session: each is used until it is empty or its life is over, flashes between coats
 * included, and the next is mixed then. As the coats follow in a fixed order, no other division needs fewer.
 * @param coats in the order in which they are sprayed   @param limitL most that is mixed at once, > 0
 * @param lifeMin minutes a pot can be used once it is ready; null without a pot life
 */
export function potsOf(coats: readonly SprayedCoat[], limitL: number, lifeMin: number | null): Pot[] {
  const life = lifeMin === null ? Infinity : Math.max(1, lifeMin);
  const pots: Pot[] = [];
  let pot: Pot | null = null;
  for (const { from, to, litres } of coats) {
    const perMin = litres / Math.max(1, to - from);
    let at = from;
    for (let left = litres; left > dust;) {
      if (!pot || at - pot.from >= life - dust || pot.litres >= limitL - dust) {
        pot = { from: at, to: at, litres: 0 };
        pots.push(pot);
      }
      const minutes = Math.min(left / perMin, life - (at - pot.from), (limitL - pot.litres) / perMin);
      pot.litres += minutes * perMin;
      left -= minutes * perMin;
      at += minutes;
      pot.to = at;
    }
  }
  return pots;
}
