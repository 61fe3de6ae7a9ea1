import type { Minute } from '../units';
import { Bookings, type Standing } from './bookings';
import type { Compiled } from './compiled';
import { boundsOf, findRoom, type Bounds, type Room } from './room';

/** What a placing is made from. */
export interface Genes {
  /** Every step that does not stand, each after those that must come before it. */
  order: Int32Array;
  /** Choice to be tried first, by step. */
  prefer: Int32Array;
  /** Earliest start beyond what the problem says, by step. */
  delay: Float64Array;
}

/** Says whether a placing is already worse than what it must beat. */
export interface Cut {
  /** @returns true to give up */
  worse(step: number, end: Minute): boolean;
  /** Forget what was seen; called when steps were taken back. */
  reset(): void;
}

export type Outcome = 'placed' | 'cut' | 'stuck';

/** Steps placed between two looks at the clock. */
const lookEvery = 64;

/**
 * Serial schedule generation: steps in the order of a list, each at its earliest end. Where a maximum lag or a hold
 * cannot be kept, the step that opened it is moved later by the missing minutes and all placed since are taken up again
 * (after Franck, Neumann and Schwindt 2001); where it is a fact that cannot move, the late step goes to the front.
 */
export class SerialPlacer {
  readonly bookings: Bookings;
  readonly #push: Float64Array;
  readonly #bars = new Map<number, Minute>();
  readonly #position: Int32Array;
  readonly #marks: Float64Array;
  readonly #bounds: Bounds = { low: 0, lowEnd: 0, high: 0, highEnd: 0 };
  readonly #room: Room = { start: 0, end: 0, choice: -1, blockedHold: -1, blockedUntil: 0 };
  #order = new Int32Array(0);
  /** The step at which the last placing got stuck, or −1. */
  stuckAt = -1;
  /** True when the calendars ended before a room was found. */
  ranOut = false;

  constructor(
    readonly problem: Compiled,
    standing: Standing[],
  ) {
    const n = problem.steps.length;
    this.bookings = new Bookings(problem, standing);
    this.#push = new Float64Array(n);
    this.#position = new Int32Array(n);
    this.#marks = new Float64Array(n + 1);
  }

  run(genes: Genes, cut: Cut | null, mostRepairs: number, isOver: () => boolean = () => false): Outcome {
    this.#order = Int32Array.from(genes.order);
    this.#push.fill(-Infinity);
    this.#bars.clear();
    this.stuckAt = -1;
    this.ranOut = false;
    const b = this.bookings;
    b.reset();
    cut?.reset();
    let repairs = 0;
    let turns = 0;
    for (let at = 0; at < this.#order.length;) {
      turns += 1;
      if (turns % lookEvery === 0 && isOver()) return 'cut';
      const step = this.#order[at]!;
      this.#position[step] = at;
      this.#marks[at] = b.mark;
      const low = Math.max(this.problem.earliest[step]!, genes.delay[step]!, this.#push[step]!);
      boundsOf(b, step, low, this.#bounds);
      this.#find(step, genes.prefer[step]!);
      const { start, end, choice } = this.#room;
      if (choice >= 0 && start <= this.#bounds.high && end <= this.#bounds.highEnd) {
        b.place(step, choice, start, end);
        if (cut?.worse(step, end)) return 'cut';
        at += 1;
        continue;
      }
      repairs += 1;
      const back = repairs > mostRepairs ? -1 : choice >= 0 ? this.#later(step) : this.#otherHold(step);
      if (back < 0) {
        this.stuckAt = step;
        this.ranOut = choice < 0 && this.#room.blockedHold < 0;
        return 'stuck';
      }
      this.#takeBack(back, at);
      cut?.reset();
      at = back;
    }
    return 'placed';
  }

  #find(step: number, prefer: number): void {
    const room = this.#room;
    room.start = Infinity;
    room.end = Infinity;
    room.choice = -1;
    room.blockedHold = -1;
    const { choices, minutes, kind, same } = this.problem.steps[step]!;
    const count = choices.length;
    const soonest = this.#bounds.low + minutes;
    for (let k = 0; k < count; k += 1) {
      const choice = (prefer + k) % count;
      if (same.length > 0 && !this.#isSame(step, choice)) continue;
      findRoom(this.bookings, step, choice, this.#bounds, this.#notBefore, room);
      if (room.end <= soonest && (kind !== 1 || room.start === this.#bounds.low)) return;
    }
  }

  #isSame(step: number, choice: number): boolean {
    const { choices, same } = this.problem.steps[step]!;
    return same.every(([entry, group]) => {
      const fixed = this.bookings.sameResource[group]!;
      return fixed < 0 || fixed === choices[choice]!.resources[entry];
    });
  }

  readonly #notBefore = (hold: number, resource: number): Minute =>
    this.#bars.size === 0
      ? -Infinity
      : (this.#bars.get(hold * this.problem.resources.length + resource) ?? -Infinity);

  /** Moves every step whose bound the found room breaks later. @returns the first place to take up again, or −1 */
  #later(step: number): number {
    const b = this.bookings;
    const { start, end } = this.#room;
    if (start > this.problem.latest[step]!) return this.#promote(step);
    let back = Infinity;
    for (const arc of this.problem.steps[step]!.out) {
      if (!b.placed[arc.to]) continue;
      const reach = (arc.toEnd ? b.end : b.start)[arc.to]! - arc.lag;
      const excess = (arc.fromEnd ? end : start) - reach;
      if (excess <= 0) continue;
      if (b.choice[arc.to]! < 0 || this.problem.pinned.has(arc.to)) return this.#promote(step);
      this.#push[arc.to] = Math.max(this.#push[arc.to]!, b.start[arc.to]! + excess);
      back = Math.min(back, this.#position[arc.to]!);
    }
    return back;
  }

  /** Bars the place of a hold that cannot be kept on until what blocks it has ended. */
  #otherHold(step: number): number {
    const { blockedHold: h, blockedUntil } = this.#room;
    if (h < 0) return this.#anotherSame(step);
    const b = this.bookings;
    const opener = this.problem.holds[h]!.from;
    if (b.choice[opener]! < 0 || this.problem.pinned.has(opener)) return this.#promote(step);
    if (blockedUntil === Infinity) return -1;
    this.#bars.set(h * this.problem.resources.length + b.holdResource[h]!, blockedUntil);
    return this.#position[opener]!;
  }

  /** Where what `same` steps took leaves no way, the step goes before them. */
  #anotherSame(step: number): number {
    return this.problem.steps[step]!.same.length > 0 ? this.#promote(step) : -1;
  }

  /** Puts a step with those it must follow at the front. @returns where to begin again, or −1 when it is there already */
  #promote(step: number): number {
    const order = this.#order;
    const front: number[] = [];
    const wanted = new Set<number>([step]);
    for (let at = this.#position[step]!; at >= 0; at -= 1) {
      const one = order[at]!;
      if (!wanted.has(one)) continue;
      front.unshift(one);
      for (const arc of this.problem.steps[one]!.into) if (arc.lag >= 0) wanted.add(arc.from);
    }
    const rest = Array.from(order).filter((one) => !front.includes(one));
    const next = Int32Array.from([...front, ...rest]);
    const from = next.findIndex((one, i) => one !== order[i]);
    if (from < 0) return -1;
    this.#takeBack(from, this.#position[step]!);
    this.#order = next;
    for (let at = 0; at < from; at += 1) this.#position[next[at]!] = at;
    return from;
  }

  /** Takes back all steps placed from position `from` to before `to`. */
  #takeBack(from: number, to: number): void {
    if (from >= to) return;
    for (let at = to - 1; at >= from; at -= 1) this.bookings.unplace(this.#order[at]!);
    this.bookings.backTo(this.#marks[from]!);
  }
}
