import type { Minute } from '../units';

/** Demand on one resource over time: `use[k]` holds in [at[k], at[k + 1]), the last one for ever. */
export class Profile {
  at = new Float64Array(64);
  use = new Float64Array(64);
  length = 1;

  constructor() {
    this.at[0] = -Infinity;
  }

  clear(): void {
    this.length = 1;
    this.use[0] = 0;
  }

  /** Index of the piece that holds `minute`. */
  pieceAt(minute: Minute): number {
    const { at } = this;
    let low = 0;
    let high = this.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (at[middle]! <= minute) low = middle;
      else high = middle - 1;
    }
    return low;
  }

  /** End of the first piece that is too full within [from, to), or −1 when there is room. */
  blockedUntil(from: Minute, to: Minute, most: number): Minute {
    const { at, use, length } = this;
    for (let k = this.pieceAt(from); k < length && at[k]! < to; k += 1) {
      if (use[k]! <= most) continue;
      while (k < length && use[k]! > most) k += 1;
      return k >= length ? Infinity : at[k]!;
    }
    return -1;
  }

  /** Adds demand over [from, to); a negative amount takes it back. */
  add(from: Minute, to: Minute, amount: number): void {
    if (to <= from || amount === 0) return;
    const first = this.#cut(from);
    const last = this.#cut(to);
    for (let k = first; k < last; k += 1) this.use[k]! += amount;
    // Pieces that became equal are joined, so that the list stays as short as the bookings.
    this.#join(last);
    this.#join(first);
  }

  #cut(minute: Minute): number {
    const k = this.pieceAt(minute);
    if (this.at[k] === minute) return k;
    if (this.length === this.at.length) this.#grow();
    this.at.copyWithin(k + 2, k + 1, this.length);
    this.use.copyWithin(k + 2, k + 1, this.length);
    this.at[k + 1] = minute;
    this.use[k + 1] = this.use[k]!;
    this.length += 1;
    return k + 1;
  }

  #join(k: number): void {
    if (k <= 0 || k >= this.length || this.use[k] !== this.use[k - 1]) return;
    this.at.copyWithin(k, k + 1, this.length);
    this.use.copyWithin(k, k + 1, this.length);
    this.length -= 1;
  }

  #grow(): void {
    const at = new Float64Array(this.at.length * 2);
    const use = new Float64Array(at.length);
    at.set(this.at);
    use.set(this.use);
    this.at = at;
    this.use = use;
  }
}
