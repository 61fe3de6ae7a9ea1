import type { Kernel } from './kernel';

/** Something that takes `amount` of a resource from a start to an end, if it is there at all. */
export interface Task {
  /** Variable of its start. */
  start: number;
  /** Variable of its end, and what is added to it: for fixed lengths the start and the length. */
  end: number;
  endPlus: number;
  amount: number;
  /** Literal that says it is there; half −1: always. */
  whenHalf: number;
  whenValue: number;
}

/** Spans up to this are summed minute by minute. */
const mostMinutes = 4096;

/**
 * What tasks of one resource must be running whatever is decided, and the sums of their amounts over time. Kept in flat
 * arrays: it is read anew after every change of a bound.
 */
export class CompulsoryParts {
  readonly startHalf: Int32Array;
  readonly endHalf: Int32Array;
  readonly endPlus: Float64Array;
  readonly amount: Float64Array;
  /** −1: always there. */
  readonly whenHalf: Int32Array;
  readonly whenValue: Float64Array;
  /** Compulsory part [from, to) of each task; from is Infinity without one. */
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** Pieces of equal use: use[k] from at[k] to at[k + 1]. */
  readonly at: Float64Array;
  readonly use: Float64Array;
  pieces = -1;
  /** Highest use of any piece. */
  full = 0;
  /** Minutes within which the sums may have changed in the last reading. */
  changedFrom = -Infinity;
  changedTo = Infinity;
  readonly #events: number[];
  readonly #sums: Float64Array;
  readonly #cuts: Uint8Array;
  /** First piece of every minute from #first on, where spans are short. */
  readonly #pieceOf: Int32Array;
  #first = 0;
  #span = -1;

  constructor(tasks: readonly Task[]) {
    const n = tasks.length;
    this.startHalf = Int32Array.from(tasks, (task) => task.start * 2);
    this.endHalf = Int32Array.from(tasks, (task) => task.end * 2);
    this.endPlus = Float64Array.from(tasks, (task) => task.endPlus);
    this.amount = Float64Array.from(tasks, (task) => task.amount);
    this.whenHalf = Int32Array.from(tasks, (task) => task.whenHalf);
    this.whenValue = Float64Array.from(tasks, (task) => task.whenValue);
    this.from = new Float64Array(n);
    this.to = new Float64Array(n);
    this.at = new Float64Array(2 * n + 2);
    this.use = new Float64Array(2 * n + 2);
    this.#sums = new Float64Array(Math.min(mostMinutes, 16 * n) + 1);
    this.#cuts = new Uint8Array(this.#sums.length);
    this.#pieceOf = new Int32Array(this.#sums.length);
    this.#events = Array.from({ length: 2 * n }, (_, i) => i);
  }

  /** Reads all bounds. @returns whether any part has changed since the last reading */
  read({ low }: Kernel): boolean {
    const { startHalf, endHalf, endPlus, whenHalf, whenValue } = this;
    const [oldFrom, oldTo] = [this.from, this.to];
    let changedFrom = this.pieces < 0 ? -Infinity : Infinity;
    let changedTo = this.pieces < 0 ? Infinity : -Infinity;
    let first = Infinity;
    let last = -Infinity;
    for (let i = 0; i < startHalf.length; i += 1) {
      let from = -low[startHalf[i]! ^ 1]!;
      const to = low[endHalf[i]!]! + endPlus[i]!;
      const when = whenHalf[i]!;
      if (to <= from || (when >= 0 && low[when]! < whenValue[i]!)) {
        if (oldFrom[i]! === Infinity) continue;
        from = Infinity;
      } else {
        if (from < first) first = from;
        if (to > last) last = to;
        if (from === oldFrom[i]! && to === oldTo[i]!) continue;
      }
      if (oldFrom[i]! < Infinity) {
        if (oldFrom[i]! < changedFrom) changedFrom = oldFrom[i]!;
        if (oldTo[i]! > changedTo) changedTo = oldTo[i]!;
      }
      if (from < Infinity) {
        if (from < changedFrom) changedFrom = from;
        if (to > changedTo) changedTo = to;
      }
      oldFrom[i] = from;
      oldTo[i] = to;
    }
    this.changedFrom = changedFrom;
    this.changedTo = changedTo;
    if (changedFrom === Infinity) return false;
    this.#sum(first, last);
    return true;
  }

  /** Piece that holds `minute`, or the first. */
  pieceAt(minute: number): number {
    if (this.#span >= 0) {
      const offset = minute - this.#first;
      return offset <= 0 ? 0 : this.#pieceOf[Math.min(offset, this.#span)]!;
    }
    let lowest = 0;
    let high = this.pieces - 1;
    while (lowest < high) {
      const middle = (lowest + high + 1) >> 1;
      if (this.at[middle]! <= minute) lowest = middle;
      else high = middle - 1;
    }
    return lowest;
  }

  #sum(first: number, last: number): void {
    this.pieces = 0;
    this.full = 0;
    this.#span = -1;
    if (first === Infinity) return;
    if (last - first < mostMinutes && last - first < 16 * this.from.length) this.#byMinute(first, last);
    else this.#byEvent();
    for (let k = 0; k < this.pieces; k += 1) if (this.use[k]! > this.full) this.full = this.use[k]!;
  }

  /** Short spans: a sum for every minute. */
  #byMinute(first: number, last: number): void {
    const sums = this.#sums;
    // A part may begin where another of the same amount ends: the sum does not change there, but the pieces must.
    const cuts = this.#cuts;
    const span = last - first;
    sums.fill(0, 0, span + 1);
    cuts.fill(0, 0, span + 1);
    for (let i = 0; i < this.from.length; i += 1) {
      if (this.from[i] === Infinity) continue;
      const [from, to] = [this.from[i]! - first, this.to[i]! - first];
      sums[from]! += this.amount[i]!;
      sums[to]! -= this.amount[i]!;
      cuts[from] = 1;
      cuts[to] = 1;
    }
    let use = 0;
    let pieces = 0;
    for (let minute = 0; minute <= span; minute += 1) {
      if (cuts[minute] === 1) {
        use += sums[minute]!;
        this.at[pieces] = first + minute;
        this.use[pieces] = use;
        pieces += 1;
      }
      this.#pieceOf[minute] = pieces - 1;
    }
    this.pieces = pieces;
    this.#first = first;
    this.#span = span;
  }

  #byEvent(): void {
    const when = (event: number) => (event & 1 ? this.to[event >> 1]! : this.from[event >> 1]!);
    const events = this.#events;
    // Nearly in order since the last time, so insertion is cheap; parts that are not there sink to the end.
    for (let i = 1; i < events.length; i += 1) {
      const event = events[i]!;
      const key = this.from[event >> 1] === Infinity ? Infinity : when(event);
      let k = i - 1;
      for (; k >= 0; k -= 1) {
        const other = events[k]!;
        const otherKey = this.from[other >> 1] === Infinity ? Infinity : when(other);
        if (otherKey <= key) break;
        events[k + 1] = other;
      }
      events[k + 1] = event;
    }
    let pieces = 0;
    let use = 0;
    for (const event of events) {
      if (this.from[event >> 1] === Infinity) break;
      const minute = when(event);
      use += event & 1 ? -this.amount[event >> 1]! : this.amount[event >> 1]!;
      if (pieces > 0 && this.at[pieces - 1] === minute) this.use[pieces - 1] = use;
      else {
        this.at[pieces] = minute;
        this.use[pieces] = use;
        pieces += 1;
      }
    }
    this.pieces = pieces;
  }
}
