/** Seeded generator (mulberry32): the same seed gives the same numbers on every machine. */
export class Random {
  #state: number;

  constructor(seed: number) {
    this.#state = (seed ^ 0x9e3779b9) >>> 0;
  }

  /** In [0, 1). */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let t = this.#state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  /** Whole number in [0, below). */
  below(below: number): number {
    return Math.floor(this.next() * below);
  }
}
