import type { Clause, Reason } from './clause';

/**
 * Two literals of each clause are watched, each under the half whose rise makes it false, in order of the value at which
 * that happens; so a rise from one bound to another visits just the clauses it concerns.
 */
export class Watches {
  readonly #values: number[][];
  readonly #clauses: Clause[][][];

  constructor(halves: number) {
    this.#values = Array.from({ length: halves }, () => []);
    this.#clauses = Array.from({ length: halves }, () => []);
  }

  attach(clause: Clause): void {
    this.#watch(clause, 0);
    this.#watch(clause, 1);
  }

  #watch(clause: Clause, place: 0 | 1): void {
    const half = clause.halves[place]! ^ 1;
    const value = 1 - clause.values[place]!;
    const values = this.#values[half]!;
    const at = firstAbove(values, value - 0.5);
    if (values[at] === value) this.#clauses[half]![at]!.push(clause);
    else {
      values.splice(at, 0, value);
      this.#clauses[half]!.splice(at, 0, [clause]);
    }
  }

  /**
   * Visits the clauses whose watched literal became false when the half rose from `before` to `after`.
   * @param enqueue takes the last literal that can still be true; false on a conflict
   */
  rise(
    low: Float64Array,
    half: number,
    before: number,
    after: number,
    enqueue: (half: number, value: number, reason: Reason) => boolean,
  ): boolean {
    const values = this.#values[half]!;
    const lists = this.#clauses[half]!;
    for (let at = firstAbove(values, before); at < values.length && values[at]! <= after; at += 1)
      if (!this.#visit(low, half, values[at]!, lists[at]!, enqueue)) return false;
    return true;
  }

  #visit(
    low: Float64Array,
    half: number,
    value: number,
    clauses: Clause[],
    enqueue: (half: number, value: number, reason: Reason) => boolean,
  ): boolean {
    let kept = 0;
    let fine = true;
    let i = 0;
    for (; i < clauses.length && fine; i += 1) {
      const clause = clauses[i]!;
      const { halves, values } = clause;
      // The literal that has become false goes to place 1.
      if (halves[0] === (half ^ 1) && 1 - values[0]! === value) clause.swap(0, 1);
      if (low[halves[0]!]! < values[0]!) {
        let k = 2;
        while (k < halves.length && low[halves[k]! ^ 1]! >= 1 - values[k]!) k += 1;
        if (k < halves.length) {
          clause.swap(1, k);
          this.#watch(clause, 1);
          continue;
        }
        fine = enqueue(halves[0]!, values[0]!, clause);
      }
      clauses[kept] = clause;
      kept += 1;
    }
    for (; i < clauses.length; i += 1) {
      clauses[kept] = clauses[i]!;
      kept += 1;
    }
    if (kept < clauses.length) clauses.length = kept;
    return fine;
  }

  drop(gone: ReadonlySet<Clause>): void {
    for (let half = 0; half < this.#clauses.length; half += 1) {
      const lists = this.#clauses[half]!;
      const values = this.#values[half]!;
      let kept = 0;
      for (let i = 0; i < lists.length; i += 1) {
        const left = lists[i]!.filter((one) => !gone.has(one));
        if (left.length === 0) continue;
        lists[kept] = left;
        values[kept] = values[i]!;
        kept += 1;
      }
      lists.length = kept;
      values.length = kept;
    }
  }
}

/** Index of the first value above `bound` in an ordered list. */
function firstAbove(values: readonly number[], bound: number): number {
  let lowest = 0;
  let high = values.length;
  while (lowest < high) {
    const middle = (lowest + high) >> 1;
    if (values[middle]! > bound) high = middle;
    else lowest = middle + 1;
  }
  return lowest;
}
