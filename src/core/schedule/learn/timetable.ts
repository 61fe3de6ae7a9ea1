import type { Explanation } from './clause';
import { CompulsoryParts, type Task } from './compulsory';
import type { Kernel, Propagator } from './kernel';

/**
 * A resource of limited capacity by its timetable: what must be running at a minute whatever is decided may not exceed
 * the capacity, and tasks are pushed off minutes where they do not fit. Explained minute by minute (Schutt et al. 2011).
 */
export class Timetable implements Propagator {
  readonly #parts: CompulsoryParts;
  /** Earliest start and latest end at which a task was last looked at; NaN: look again. */
  readonly #seenStart: Float64Array;
  readonly #seenEnd: Float64Array;

  constructor(
    readonly tasks: readonly Task[],
    private readonly capacity: number,
  ) {
    this.#parts = new CompulsoryParts(tasks);
    this.#seenStart = new Float64Array(tasks.length).fill(NaN);
    this.#seenEnd = new Float64Array(tasks.length).fill(NaN);
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
    const parts = this.#parts;
    const { capacity } = this;
    parts.read(kernel);
    if (parts.full > capacity) {
      this.#lookAgain();
      for (let k = 0; k < parts.pieces; k += 1)
        if (parts.use[k]! > capacity) return kernel.fail(this.#because(parts.at[k]!, capacity, -1));
    }
    const { low } = kernel;
    const { full, changedFrom, changedTo, startHalf, endHalf, endPlus, amount, whenHalf, whenValue } = parts;
    const [seenStart, seenEnd] = [this.#seenStart, this.#seenEnd];
    for (let i = 0; i < startHalf.length; i += 1) {
      const [s, e] = [startHalf[i]!, endHalf[i]!];
      const start = low[s]!;
      const end = -low[e ^ 1]! + endPlus[i]!;
      // Neither its own bounds nor the sums along them have changed since it was looked at.
      if (start === seenStart[i]! && end === seenEnd[i]! && (end <= changedFrom || start >= changedTo))
        continue;
      seenStart[i] = NaN;
      if (full + amount[i]! > capacity) {
        const when = whenHalf[i]!;
        // One that is not there yet may come to be without its bounds changing.
        if (when >= 0 && low[when]! < whenValue[i]!) continue;
        const isFixed = start === -low[s ^ 1]! && low[e]! === -low[e ^ 1]!;
        if (!isFixed && (!this.#pushLater(kernel, i) || !this.#pushEarlier(kernel, i))) {
          this.#lookAgain();
          return false;
        }
      } else if (whenHalf[i]! >= 0) continue;
      seenStart[i] = low[s]!;
      seenEnd[i] = -low[e ^ 1]! + endPlus[i]!;
    }
    return true;
  }

  #lookAgain(): void {
    this.#seenStart.fill(NaN);
  }

  /** Literals by which compulsory parts at `minute` take more than `most`, without task `except`. */
  #because(minute: number, most: number, except: number): Explanation {
    const { from, to, startHalf, endHalf, endPlus, amount, whenHalf, whenValue } = this.#parts;
    const why: Explanation = [];
    let sum = 0;
    for (let i = 0; i < from.length && sum <= most; i += 1) {
      if (i === except || from[i]! > minute || to[i]! <= minute) continue;
      sum += amount[i]!;
      why.push(startHalf[i]! ^ 1, -minute, endHalf[i]!, minute + 1 - endPlus[i]!);
      if (whenHalf[i]! >= 0) why.push(whenHalf[i]!, whenValue[i]!);
    }
    return why;
  }

  #pushLater(kernel: Kernel, i: number): boolean {
    const { low } = kernel;
    const parts = this.#parts;
    const { at, use, pieces } = parts;
    const [s, e, plus] = [parts.startHalf[i]!, parts.endHalf[i]!, parts.endPlus[i]!];
    const most = this.capacity - parts.amount[i]!;
    const [ownFrom, ownTo] = [parts.from[i]!, parts.to[i]!];
    for (let k = parts.pieceAt(low[s]!); k + 1 < pieces; k += 1) {
      const from = at[k]!;
      if (from >= low[e]! + plus) break;
      const inOwn = from >= ownFrom && from < ownTo;
      if ((inOwn ? use[k]! - parts.amount[i]! : use[k]!) <= most) continue;
      const to = at[k + 1]!;
      // Step by step over the full piece, no further at once than the task is long.
      for (;;) {
        const start = low[s]!;
        const end = low[e]! + plus;
        if (start >= to || end <= from) break;
        const minute = Math.min(to, end) - 1;
        const why = this.#because(minute, most, i);
        why.push(e, minute + 1 - plus);
        if (parts.whenHalf[i]! >= 0) why.push(parts.whenHalf[i]!, parts.whenValue[i]!);
        if (!kernel.enqueue(s, minute + 1, why)) return false;
        if (e !== s) break;
      }
    }
    return true;
  }

  #pushEarlier(kernel: Kernel, i: number): boolean {
    const { low } = kernel;
    const parts = this.#parts;
    const { at, use, pieces } = parts;
    const [s, e, plus] = [parts.startHalf[i]!, parts.endHalf[i]!, parts.endPlus[i]!];
    const most = this.capacity - parts.amount[i]!;
    const [ownFrom, ownTo] = [parts.from[i]!, parts.to[i]!];
    for (let k = Math.min(pieces - 2, parts.pieceAt(-low[e ^ 1]! + plus)); k >= 0; k -= 1) {
      const to = at[k + 1]!;
      if (to <= -low[s ^ 1]!) break;
      const from = at[k]!;
      const inOwn = from >= ownFrom && from < ownTo;
      if ((inOwn ? use[k]! - parts.amount[i]! : use[k]!) <= most) continue;
      for (;;) {
        const start = -low[s ^ 1]!;
        const latestEnd = -low[e ^ 1]! + plus;
        if (start >= to || latestEnd <= from) break;
        const minute = Math.max(from, start);
        const why = this.#because(minute, most, i);
        why.push(s ^ 1, -minute);
        if (parts.whenHalf[i]! >= 0) why.push(parts.whenHalf[i]!, parts.whenValue[i]!);
        if (!kernel.enqueue(e ^ 1, plus - minute, why)) return false;
        if (e !== s) break;
      }
    }
    return true;
  }
}
