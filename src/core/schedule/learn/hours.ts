import type { Calendar } from '../calendar';
import type { Explanation } from './clause';
import type { Kernel, Propagator } from './kernel';

/** One way a step may be served: its hours, and the literal that says it is taken (half −1: the only way). */
export interface Way {
  calendar: Calendar | null;
  whenHalf: number;
  whenValue: number;
}

/**
 * Starts only where the hours of some way that is still open allow it; for steps that pause also the end, which follows
 * from the start by open minutes.
 */
export class Hours implements Propagator {
  constructor(
    private readonly start: number,
    /** Variable of the end of a step that pauses, or −1 for a fixed length. */
    private readonly end: number,
    private readonly minutes: number,
    private readonly ways: readonly Way[],
  ) {}

  subscribe(kernel: Kernel): void {
    kernel.wake(this.start * 2, this);
    kernel.wake(this.start * 2 + 1, this);
    if (this.end >= 0) {
      kernel.wake(this.end * 2, this);
      kernel.wake(this.end * 2 + 1, this);
    }
    for (const way of this.ways)
      if (way.whenHalf >= 0) {
        kernel.wake(way.whenHalf, this);
        kernel.wake(way.whenHalf ^ 1, this);
      }
    kernel.schedule(this);
  }

  propagate(kernel: Kernel): boolean {
    const { low } = kernel;
    const { start } = this;
    const least = low[start * 2]!;
    const soonest = this.#best(kernel, (way) => this.#startFrom(way, least), Math.min);
    if (soonest > least) {
      const why = this.#closedWays(kernel, (way) => this.#startFrom(way, least) < soonest);
      why.push(start * 2, least);
      if (!kernel.enqueue(start * 2, soonest === Infinity ? kernel.most(start) + 1 : soonest, why))
        return false;
    }
    const most = -low[start * 2 + 1]!;
    const latest = this.#best(kernel, (way) => this.#startUntil(way, most), Math.max);
    if (latest < most) {
      const why = this.#closedWays(kernel, (way) => this.#startUntil(way, most) > latest);
      why.push(start * 2 + 1, -most);
      if (!kernel.enqueue(start * 2 + 1, latest === -Infinity ? 1 - kernel.least(start) : -latest, why))
        return false;
    }
    return this.end < 0 || this.#channel(kernel);
  }

  #channel(kernel: Kernel): boolean {
    const { start, end, minutes } = this;
    const { low } = kernel;
    const endOf = (way: Way, at: number) => {
      if (!way.calendar) return at + minutes;
      const open = way.calendar.openFrom(at);
      return open === Infinity ? Infinity : way.calendar.endOf(open, minutes);
    };
    const least = low[start * 2]!;
    const soonest = this.#best(kernel, (way) => endOf(way, least), Math.min);
    if (soonest > low[end * 2]!) {
      const why = this.#closedWays(kernel, (way) => endOf(way, least) < soonest);
      why.push(start * 2, least);
      if (!kernel.enqueue(end * 2, soonest === Infinity ? kernel.most(end) + 1 : soonest, why)) return false;
    }
    const most = -low[start * 2 + 1]!;
    const latest = this.#best(kernel, (way) => endOf(way, most), Math.max);
    if (latest < kernel.most(end)) {
      const why = this.#closedWays(kernel, (way) => endOf(way, most) > latest);
      why.push(start * 2 + 1, -most);
      if (!kernel.enqueue(end * 2 + 1, -latest, why)) return false;
    }
    const startFor = (way: Way, at: number) =>
      way.calendar ? way.calendar.startForEnd(at, minutes) : at - minutes;
    const leastEnd = low[end * 2]!;
    const from = this.#best(kernel, (way) => startFor(way, leastEnd), Math.min);
    if (from > low[start * 2]!) {
      const why = this.#closedWays(kernel, (way) => startFor(way, leastEnd) < from);
      why.push(end * 2, leastEnd);
      if (!kernel.enqueue(start * 2, from === Infinity ? kernel.most(start) + 1 : from, why)) return false;
    }
    // A start at or after the first that ends later than the latest end comes too late.
    const mostEnd = kernel.most(end);
    const late = this.#best(kernel, (way) => startFor(way, mostEnd + 1), Math.max);
    if (late <= kernel.most(start)) {
      const why = this.#closedWays(kernel, (way) => startFor(way, mostEnd + 1) > late);
      why.push(end * 2 + 1, -mostEnd);
      if (!kernel.enqueue(start * 2 + 1, 1 - late, why)) return false;
    }
    return true;
  }

  #startFrom(way: Way, at: number): number {
    if (!way.calendar) return at;
    return this.end >= 0 ? way.calendar.openFrom(at) : way.calendar.roomFrom(at, this.minutes);
  }

  #startUntil(way: Way, at: number): number {
    if (!way.calendar) return at;
    return way.calendar.roomUntil(at, this.end >= 0 ? 1 : this.minutes);
  }

  #isOut = ({ low }: Kernel, way: Way): boolean =>
    way.whenHalf >= 0 && low[way.whenHalf ^ 1]! >= 1 - way.whenValue;

  #best(kernel: Kernel, value: (way: Way) => number, pick: (a: number, b: number) => number): number {
    let best = NaN;
    for (const way of this.ways)
      if (!this.#isOut(kernel, way)) best = Number.isNaN(best) ? value(way) : pick(best, value(way));
    return best;
  }

  /** Literals of the ways that are out and would have allowed more. */
  #closedWays(kernel: Kernel, allowsMore: (way: Way) => boolean): Explanation {
    const why: Explanation = [];
    for (const way of this.ways)
      if (this.#isOut(kernel, way) && allowsMore(way)) why.push(way.whenHalf ^ 1, 1 - way.whenValue);
    return why;
  }
}
