import type { Minute } from '../units';
import type { ModelCalendar } from './model';
import { intersectStretches, joinStretches, subtractStretches, type Stretch } from './stretches';

/**
 * Open stretches of one calendar, or of several together, between two minutes, with running sums of open minutes, so that
 * every question costs one bisection. Beyond the two minutes everything counts as closed.
 */
export class Calendar {
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** Open minutes before stretch i. */
  readonly before: Float64Array;
  readonly count: number;
  #last = 0;

  constructor(stretches: readonly Stretch[]) {
    this.count = stretches.length;
    this.from = new Float64Array(this.count);
    this.to = new Float64Array(this.count);
    this.before = new Float64Array(this.count + 1);
    for (let i = 0; i < this.count; i += 1) {
      this.from[i] = stretches[i]!.from;
      this.to[i] = stretches[i]!.to;
      this.before[i + 1] = this.before[i]! + this.to[i]! - this.from[i]!;
    }
  }

  stretches(): Stretch[] {
    return Array.from(this.from, (from, i) => ({ from, to: this.to[i]! }));
  }

  /** The same calendar with time running backwards: minute t becomes −t. */
  mirrored(): Calendar {
    return new Calendar(
      this.stretches()
        .reverse()
        .map(({ from, to }) => ({ from: -to, to: -from })),
    );
  }

  /** Index of the first stretch that ends after `minute`; questions tend to come in order, so the last answer is tried. */
  at(minute: Minute): number {
    const { to, count } = this;
    let last = this.#last;
    if (last < count && to[last]! > minute && (last === 0 || to[last - 1]! <= minute)) return last;
    let low = 0;
    let high = count;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (to[middle]! > minute) high = middle;
      else low = middle + 1;
    }
    last = low;
    this.#last = last;
    return low;
  }

  /** First open minute ≥ `minute`; Infinity when none is left. */
  openFrom(minute: Minute): Minute {
    const i = this.at(minute);
    return i >= this.count ? Infinity : Math.max(minute, this.from[i]!);
  }

  /** First start ≥ `minute` of `minutes` unbroken open minutes; Infinity when none is left. */
  roomFrom(minute: Minute, minutes: number): Minute {
    for (let i = this.at(minute); i < this.count; i += 1) {
      const start = Math.max(minute, this.from[i]!);
      if (this.to[i]! - start >= minutes) return start;
    }
    return Infinity;
  }

  /** Last start ≤ `minute` of `minutes` unbroken open minutes; −Infinity when there is none. */
  roomUntil(minute: Minute, minutes: number): Minute {
    for (let i = Math.min(this.at(minute), this.count - 1); i >= 0; i -= 1) {
      const start = Math.min(minute, this.to[i]! - minutes);
      if (start >= this.from[i]!) return start;
    }
    return -Infinity;
  }

  /** Open minutes before `minute`. */
  openBefore(minute: Minute): number {
    const i = this.at(minute);
    return this.before[i]! + (i < this.count ? Math.max(0, minute - this.from[i]!) : 0);
  }

  openBetween(from: Minute, to: Minute): number {
    return to > from ? this.openBefore(to) - this.openBefore(from) : 0;
  }

  /** End of `minutes` > 0 open minutes from the open minute `start` on; the last of them is open. Infinity: not enough. */
  endOf(start: Minute, minutes: number): Minute {
    let i = this.at(start);
    if (i >= this.count) return Infinity;
    if (this.to[i]! - start >= minutes) return start + minutes;
    const goal = this.before[i]! + start - this.from[i]! + minutes;
    if (goal > this.before[this.count]!) return Infinity;
    let high = this.count - 1;
    i += 1;
    while (i < high) {
      const middle = (i + high) >> 1;
      if (this.before[middle + 1]! >= goal) high = middle;
      else i = middle + 1;
    }
    return this.from[i]! + goal - this.before[i]!;
  }

  /** First open minute from which `minutes` open minutes end at `end` or later; Infinity when none is left. */
  startForEnd(end: Minute, minutes: number): Minute {
    const i = this.at(end - 1);
    const reached = i < this.count && this.from[i]! < end;
    const goal = this.openBefore(end) - minutes + (reached ? 0 : 1);
    if (goal <= 0) return -Infinity;
    if (goal >= this.before[this.count]!) return Infinity;
    let low = 0;
    let high = this.count - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.before[middle + 1]! > goal) high = middle;
      else low = middle + 1;
    }
    return this.from[low]! + goal - this.before[low]!;
  }
}

/** Most stretches one calendar is laid out to; more than a shop of centuries has. */
const mostStretches = 1_500_000;

/** Lays out a calendar between two minutes. @throws RangeError when it would take more stretches than can be kept */
export function layOut(calendar: ModelCalendar, lo: Minute, hi: Minute): Calendar {
  const { repeatMinutes: period } = calendar;
  const base = joinStretches(calendar.open.map(([from, to]) => ({ from, to })));
  const closed = joinStretches(calendar.closed.map(([from, to]) => ({ from, to })));
  let open: Stretch[] = [];
  if (period === null || base.length === 0) open = base;
  else {
    const first = Math.floor((lo - base.at(-1)!.to) / period);
    const last = Math.ceil((hi - base[0]!.from) / period);
    if ((last - first + 1) * base.length > mostStretches) throw new RangeError('the calendar is too long');
    for (let k = first; k <= last; k += 1)
      for (const one of base) open.push({ from: one.from + k * period, to: one.to + k * period });
    open = joinStretches(open);
  }
  const inside = intersectStretches(open, [{ from: lo, to: hi }]);
  return new Calendar(subtractStretches(inside, closed));
}

/** Minutes in which all of these are open. */
export function together(calendars: readonly Calendar[]): Calendar {
  return new Calendar(calendars.map((one) => one.stretches()).reduce((a, b) => intersectStretches(a, b)));
}
