import type { Explanation } from './clause';
import type { Kernel, Propagator } from './kernel';

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
 * A resource of limited capacity by its timetable: what must be running at a minute whatever is decided may not exceed
 * the capacity, and tasks are pushed off minutes where they do not fit. Explained minute by minute (Schutt et al. 2011).
 */
export class Timetable implements Propagator {
  /** Compulsory parts: [from, to) of task. */
  readonly #from: Float64Array;
  readonly #to: Float64Array;
  readonly #at: Float64Array;
  readonly #use: Float64Array;
  readonly #events: number[];
  readonly #sums: Float64Array;
  readonly #cuts: Uint8Array;
  #pieces = -1;
  #full = 0;

  constructor(
    readonly tasks: readonly Task[],
    private readonly capacity: number,
  ) {
    const n = tasks.length;
    this.#from = new Float64Array(n);
    this.#to = new Float64Array(n);
    this.#at = new Float64Array(2 * n + 2);
    this.#use = new Float64Array(2 * n + 2);
    this.#sums = new Float64Array(Math.min(mostMinutes, 16 * n) + 1);
    this.#cuts = new Uint8Array(this.#sums.length);
    this.#events = Array.from({ length: 2 * n }, (_, i) => i);
  }

  subscribe(kernel: Kernel): void {
    for (const task of this.tasks) {
      for (const half of [task.start * 2, task.start * 2 + 1, task.end * 2, task.end * 2 + 1])
        kernel.wake(half, this);
      if (task.whenHalf >= 0) kernel.wake(task.whenHalf, this);
    }
    kernel.schedule(this);
  }

  propagate(kernel: Kernel): boolean {
    this.#layOut(kernel);
    if (this.#full > this.capacity)
      for (let k = 0; k < this.#pieces; k += 1)
        if (this.#use[k]! > this.capacity) return this.#overload(kernel, this.#at[k]!);
    if (this.#full === 0) return true;
    const { low } = kernel;
    const full = this.#full;
    for (let i = 0; i < this.tasks.length; i += 1) {
      const task = this.tasks[i]!;
      if (full + task.amount <= this.capacity) continue;
      if (task.whenHalf >= 0 && low[task.whenHalf]! < task.whenValue) continue;
      if (
        low[task.start * 2]! === -low[task.start * 2 + 1]! &&
        low[task.end * 2]! === -low[task.end * 2 + 1]!
      )
        continue;
      if (!this.#pushLater(kernel, i, task) || !this.#pushEarlier(kernel, i, task)) return false;
    }
    return true;
  }

  #layOut({ low }: Kernel): void {
    const { tasks } = this;
    let changed = this.#pieces < 0;
    let first = Infinity;
    let last = -Infinity;
    for (let i = 0; i < tasks.length; i += 1) {
      const task = tasks[i]!;
      const there = task.whenHalf < 0 || low[task.whenHalf]! >= task.whenValue;
      let from = there ? -low[task.start * 2 + 1]! : Infinity;
      const to = there ? low[task.end * 2]! + task.endPlus : -Infinity;
      if (to <= from) from = Infinity;
      else {
        if (from < first) first = from;
        if (to > last) last = to;
      }
      if (from === this.#from[i]! && (from === Infinity || to === this.#to[i]!)) continue;
      this.#from[i] = from;
      this.#to[i] = to;
      changed = true;
    }
    if (!changed) return;
    this.#pieces = 0;
    this.#full = 0;
    if (first === Infinity) return;
    if (last - first < mostMinutes && last - first < 16 * tasks.length) this.#byMinute(first, last);
    else this.#byEvent();
    for (let k = 0; k < this.#pieces; k += 1) this.#full = Math.max(this.#full, this.#use[k]!);
  }

  /** Short spans: a sum for every minute. */
  #byMinute(first: number, last: number): void {
    const sums = this.#sums;
    // A part may begin where another of the same amount ends: the sum does not change there, but the pieces must.
    const cuts = this.#cuts;
    const span = last - first;
    sums.fill(0, 0, span + 1);
    cuts.fill(0, 0, span + 1);
    for (let i = 0; i < this.tasks.length; i += 1) {
      if (this.#from[i] === Infinity) continue;
      const [from, to] = [this.#from[i]! - first, this.#to[i]! - first];
      sums[from]! += this.tasks[i]!.amount;
      sums[to]! -= this.tasks[i]!.amount;
      cuts[from] = 1;
      cuts[to] = 1;
    }
    let use = 0;
    let pieces = 0;
    for (let minute = 0; minute <= span; minute += 1) {
      if (cuts[minute] === 0) continue;
      use += sums[minute]!;
      this.#at[pieces] = first + minute;
      this.#use[pieces] = use;
      pieces += 1;
    }
    this.#pieces = pieces;
  }

  #byEvent(): void {
    const when = (event: number) => (event & 1 ? this.#to[event >> 1]! : this.#from[event >> 1]!);
    const events = this.#events;
    // Nearly in order since the last time, so insertion is cheap; parts that are not there sink to the end.
    for (let i = 1; i < events.length; i += 1) {
      const event = events[i]!;
      const key = this.#from[event >> 1] === Infinity ? Infinity : when(event);
      let k = i - 1;
      for (; k >= 0; k -= 1) {
        const other = events[k]!;
        const otherKey = this.#from[other >> 1] === Infinity ? Infinity : when(other);
        if (otherKey <= key) break;
        events[k + 1] = other;
      }
      events[k + 1] = event;
    }
    let pieces = 0;
    let use = 0;
    for (const event of events) {
      if (this.#from[event >> 1] === Infinity) break;
      const minute = when(event);
      use += event & 1 ? -this.tasks[event >> 1]!.amount : this.tasks[event >> 1]!.amount;
      if (pieces > 0 && this.#at[pieces - 1] === minute) this.#use[pieces - 1] = use;
      else {
        this.#at[pieces] = minute;
        this.#use[pieces] = use;
        pieces += 1;
      }
    }
    this.#pieces = pieces;
  }

  /** Literals by which compulsory parts at `minute` take more than `most`, without task `except`. */
  #because(minute: number, most: number, except: number): Explanation {
    const why: Explanation = [];
    let sum = 0;
    for (let i = 0; i < this.tasks.length && sum <= most; i += 1) {
      if (i === except || this.#from[i]! > minute || this.#to[i]! <= minute) continue;
      const task = this.tasks[i]!;
      sum += task.amount;
      why.push(task.start * 2 + 1, -minute, task.end * 2, minute + 1 - task.endPlus);
      if (task.whenHalf >= 0) why.push(task.whenHalf, task.whenValue);
    }
    return why;
  }

  #overload(kernel: Kernel, minute: number): false {
    return kernel.fail(this.#because(minute, this.capacity, -1));
  }

  #pushLater(kernel: Kernel, i: number, task: Task): boolean {
    const { low } = kernel;
    const most = this.capacity - task.amount;
    const own = this.#from[i]! < Infinity;
    for (let k = this.#first(low[task.start * 2]!); k < this.#pieces; k += 1) {
      const from = this.#at[k]!;
      const to = this.#at[k + 1] ?? Infinity;
      if (from >= low[task.end * 2]! + task.endPlus) break;
      const inOwn = own && from >= this.#from[i]! && from < this.#to[i]!;
      if (k + 1 >= this.#pieces || (inOwn ? this.#use[k]! - task.amount : this.#use[k]!) <= most) continue;
      // Step by step over the full piece, no further at once than the task is long.
      for (;;) {
        const start = low[task.start * 2]!;
        const end = low[task.end * 2]! + task.endPlus;
        if (start >= to || end <= from) break;
        const minute = Math.min(to, end) - 1;
        const why = this.#because(minute, most, i);
        why.push(task.end * 2, minute + 1 - task.endPlus);
        if (task.whenHalf >= 0) why.push(task.whenHalf, task.whenValue);
        if (!kernel.enqueue(task.start * 2, minute + 1, why)) return false;
        if (task.end !== task.start) break;
      }
    }
    return true;
  }

  #pushEarlier(kernel: Kernel, i: number, task: Task): boolean {
    const { low } = kernel;
    const most = this.capacity - task.amount;
    const own = this.#from[i]! < Infinity;
    const latestEnd = () => -low[task.end * 2 + 1]! + task.endPlus;
    for (let k = Math.min(this.#pieces - 2, this.#first(latestEnd())); k >= 0; k -= 1) {
      const from = this.#at[k]!;
      const to = this.#at[k + 1]!;
      if (to <= -low[task.start * 2 + 1]!) break;
      const inOwn = own && from >= this.#from[i]! && from < this.#to[i]!;
      if ((inOwn ? this.#use[k]! - task.amount : this.#use[k]!) <= most) continue;
      for (;;) {
        const start = -low[task.start * 2 + 1]!;
        if (start >= to || latestEnd() <= from) break;
        const minute = Math.max(from, start);
        const why = this.#because(minute, most, i);
        why.push(task.start * 2 + 1, -minute);
        if (task.whenHalf >= 0) why.push(task.whenHalf, task.whenValue);
        if (!kernel.enqueue(task.end * 2 + 1, task.endPlus - minute, why)) return false;
        if (task.end !== task.start) break;
      }
    }
    return true;
  }

  /** Last piece that begins at or before `minute`, or the first. */
  #first(minute: number): number {
    let lowest = 0;
    let high = this.#pieces - 1;
    while (lowest < high) {
      const middle = (lowest + high + 1) >> 1;
      if (this.#at[middle]! <= minute) lowest = middle;
      else high = middle - 1;
    }
    return lowest;
  }
}
