import type { Minute } from '../units';

interface Interval {
  owner: number;
  from: Minute;
  to: Minute;
}

/**
 * What is placed of each exclusion, by side. Owners are steps 0 … n − 1 and holds n, n + 1 …; a step and its own hold
 * never exclude each other.
 */
export class Overlaps {
  readonly #sides: Interval[][];

  constructor(
    exclusions: number,
    private readonly isOwn: (a: number, b: number) => boolean,
  ) {
    this.#sides = Array.from({ length: exclusions * 2 }, () => []);
  }

  clear(): void {
    for (const side of this.#sides) side.length = 0;
  }

  add(exclusion: number, side: number, owner: number, from: Minute, to: Minute): void {
    this.#sides[exclusion * 2 + side]!.push({ owner, from, to });
  }

  /** Takes back what was added last to that side. */
  takeBack(exclusion: number, side: number): void {
    this.#sides[exclusion * 2 + side]!.pop();
  }

  /**
   * The first of those on the other sides that overlaps [from, to), or null.
   * @param sides for each exclusion bit 1 as `a`, bit 2 as `b`
   */
  clash(sides: Uint8Array, owner: number, from: Minute, to: Minute): Interval | null {
    if (to <= from) return null;
    for (let x = 0; x < sides.length; x += 1) {
      const bits = sides[x]!;
      if (bits === 0) continue;
      for (let side = 0; side < 2; side += 1) {
        if ((bits & (side === 0 ? 1 : 2)) === 0) continue;
        for (const one of this.#sides[x * 2 + 1 - side]!)
          if (one.from < to && one.to > from && one.owner !== owner && !this.isOwn(one.owner, owner))
            return one;
      }
    }
    return null;
  }
}
