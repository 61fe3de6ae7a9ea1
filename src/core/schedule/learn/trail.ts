import type { Reason } from './clause';

/** Bounds of all halves with every change since the root, so that any can be taken back or asked when it came about. */
export class Trail {
  /** Present lower bound of each half. */
  readonly low: Float64Array;
  /** Bounds known without any decision; changes at level 0 are not all noted here. */
  readonly root: Float64Array;
  readonly #last: Int32Array;
  half = new Int32Array(4096);
  value = new Float64Array(4096);
  /** Bound before the change. */
  before = new Float64Array(4096);
  readonly levelStart: number[] = [];
  readonly reasons: Reason[] = [];
  length = 0;
  #previous = new Int32Array(4096);
  #level = new Int32Array(4096);

  constructor(halves: number) {
    this.low = new Float64Array(halves);
    this.root = new Float64Array(halves);
    this.#last = new Int32Array(halves).fill(-1);
  }

  push(half: number, value: number, reason: Reason): void {
    const at = this.length;
    if (at === this.half.length) this.#grow();
    this.half[at] = half;
    this.value[at] = value;
    this.before[at] = this.low[half]!;
    this.#previous[at] = this.#last[half]!;
    this.#level[at] = this.levelStart.length;
    this.reasons[at] = reason;
    this.#last[half] = at;
    this.length = at + 1;
    this.low[half] = value;
  }

  #grow(): void {
    const wider = <T extends Int32Array | Float64Array>(old: T, next: T): T => {
      next.set(old);
      return next;
    };
    const size = this.half.length * 2;
    this.half = wider(this.half, new Int32Array(size));
    this.value = wider(this.value, new Float64Array(size));
    this.before = wider(this.before, new Float64Array(size));
    this.#previous = wider(this.#previous, new Int32Array(size));
    this.#level = wider(this.#level, new Int32Array(size));
  }

  backTo(level: number): void {
    const start = this.levelStart[level]!;
    for (let at = this.length - 1; at >= start; at -= 1) {
      const half = this.half[at]!;
      this.low[half] = this.before[at]!;
      this.#last[half] = this.#previous[at]!;
    }
    this.reasons.length = start;
    this.length = start;
    this.levelStart.length = level;
  }

  levelOf = (at: number): number => this.#level[at]!;

  /** Index of the change that made (half ≥ value) true, −1 when it was so from the first. */
  becameTrue(half: number, value: number): number {
    let at = this.#last[half]!;
    while (at >= 0 && this.before[at]! >= value) at = this.#previous[at]!;
    return at;
  }
}
