import type { Minute } from '../units';
import type { Compiled } from './compiled';
import { Overlaps } from './overlaps';
import { Profile } from './profile';
import { UndoLog } from './undo-log';

const enum Change {
  demand = 1,
  hold,
  overlap,
  same,
}

/** A step that stands before the first is placed: a fact, or one whose place is given. */
export interface Standing {
  step: number;
  start: Minute;
  end: Minute;
  /** Resource of each entry, or null when nobody said; it then takes no capacity. */
  resources: Int32Array | null;
  sides: Uint8Array | null;
  /** Its demand counts in this part only. */
  loadFrom: Minute;
  loadTo: Minute;
}

/** What is placed so far: steps, holds, demand by resource, exclusions; changes are taken back last first. */
export class Bookings {
  readonly start: Float64Array;
  readonly end: Float64Array;
  /** Index into the step's choices, −1 while not placed; standing steps keep −1. */
  readonly choice: Int32Array;
  readonly placed: Uint8Array;
  readonly holdStart: Float64Array;
  readonly holdEnd: Float64Array;
  /** Resource of a hold once one of its steps is placed, or −1. */
  readonly holdResource: Int32Array;
  readonly sameResource: Int32Array;
  readonly profiles: Profile[];
  readonly overlaps: Overlaps;
  readonly #log = new UndoLog();

  constructor(
    readonly problem: Compiled,
    readonly standing: Standing[],
  ) {
    const { steps, holds, resources, exclusions } = problem;
    this.start = new Float64Array(steps.length);
    this.end = new Float64Array(steps.length);
    this.choice = new Int32Array(steps.length);
    this.placed = new Uint8Array(steps.length);
    this.holdStart = new Float64Array(holds.length);
    this.holdEnd = new Float64Array(holds.length);
    this.holdResource = new Int32Array(holds.length);
    this.sameResource = new Int32Array(problem.sameGroups);
    this.profiles = resources.map(() => new Profile());
    this.overlaps = new Overlaps(exclusions.length, (a, b) => isOwn(problem, a, b));
    this.reset();
  }

  /** Back to the standing steps alone. */
  reset(): void {
    this.#log.clear();
    this.choice.fill(-1);
    this.placed.fill(0);
    this.holdStart.fill(NaN);
    this.holdEnd.fill(NaN);
    this.holdResource.fill(-1);
    this.sameResource.fill(-1);
    for (const one of this.profiles) one.clear();
    this.overlaps.clear();
    for (const { resource, from, to } of this.problem.promised) this.profiles[resource]!.add(from, to, 1);
    for (const one of this.standing) this.#stand(one);
  }

  #stand({ step, start, end, resources, sides, loadFrom, loadTo }: Standing): void {
    const { amounts, minutes, holds, same } = this.problem.steps[step]!;
    this.start[step] = start;
    this.end[step] = end;
    this.placed[step] = 1;
    if (resources) {
      for (let e = 0; e < amounts.length; e += 1)
        this.profiles[resources[e]!]!.add(Math.max(start, loadFrom), Math.min(end, loadTo), amounts[e]!);
      for (const [entry, group] of same) this.sameResource[group] = resources[entry]!;
    }
    if (sides && (minutes > 0 || end > start)) this.#exclude(sides, step, start, end);
    for (let e = 0; e < holds.length; e += 1) {
      const h = holds[e]!;
      if (h < 0) continue;
      const hold = this.problem.holds[h]!;
      if (resources && this.holdResource[h]! < 0) this.holdResource[h] = resources[e]!;
      const r = this.holdResource[h]!;
      if (hold.from === step && r >= 0) {
        this.holdStart[h] = start;
        this.holdEnd[h] = Math.max(start, loadFrom);
        this.#extend(h, Math.max(end, loadFrom));
      } else if (!Number.isNaN(this.holdStart[h]!) && end > this.holdEnd[h]!) this.#extend(h, end);
    }
  }

  get mark(): number {
    return this.#log.mark;
  }

  place(step: number, choice: number, start: Minute, end: Minute): void {
    const { choices, amounts, holds, same } = this.problem.steps[step]!;
    const { resources, sides } = choices[choice]!;
    this.start[step] = start;
    this.end[step] = end;
    this.choice[step] = choice;
    this.placed[step] = 1;
    if (end > start) {
      for (let e = 0; e < amounts.length; e += 1)
        if (amounts[e]! > 0) this.#demand(resources[e]!, start, end, amounts[e]!);
      if (sides.length > 0) this.#exclude(sides, step, start, end);
    }
    for (const [entry, group] of same)
      if (this.sameResource[group]! < 0) {
        this.sameResource[group] = resources[entry]!;
        this.#log.push(Change.same, group, 0, 0, 0);
      }
    for (let e = 0; e < holds.length; e += 1) if (holds[e]! >= 0) this.#enter(holds[e]!, resources[e]!, step);
  }

  #enter(h: number, resource: number, step: number): void {
    const hold = this.problem.holds[h]!;
    const opened = !Number.isNaN(this.holdStart[h]!);
    if (this.holdResource[h]! < 0) {
      this.#log.push(Change.hold, h, this.holdStart[h]!, this.holdEnd[h]!, -1);
      this.holdResource[h] = resource;
    }
    if (hold.from === step && !opened) {
      const start = this.start[step]!;
      this.#log.push(Change.hold, h, this.holdStart[h]!, this.holdEnd[h]!, this.holdResource[h]!);
      this.holdStart[h] = start;
      this.holdEnd[h] = start;
      this.#extend(h, this.openingEnd(h, start));
    } else if (opened && this.end[step]! > this.holdEnd[h]!) this.#extend(h, this.end[step]!);
  }

  /** Where a hold that starts at `start` ends at the earliest, its placed steps counted. */
  openingEnd(h: number, start: Minute): Minute {
    const { leastMin, members } = this.problem.holds[h]!;
    let end = start + leastMin;
    for (const member of members) if (this.placed[member] && this.end[member]! > end) end = this.end[member]!;
    return end;
  }

  #extend(h: number, to: Minute): void {
    const { amount, sidesBy } = this.problem.holds[h]!;
    const resource = this.holdResource[h]!;
    const from = this.holdEnd[h]!;
    if (to <= from) return;
    this.#log.push(Change.hold, h, this.holdStart[h]!, from, resource);
    this.holdEnd[h] = to;
    if (amount > 0) this.#demand(resource, from, to, amount);
    const sides = sidesBy.get(resource);
    if (sides && sides.length > 0) this.#exclude(sides, this.problem.steps.length + h, from, to);
  }

  #demand(resource: number, from: Minute, to: Minute, amount: number): void {
    this.profiles[resource]!.add(from, to, amount);
    this.#log.push(Change.demand, resource, from, to, amount);
  }

  #exclude(sides: Uint8Array, owner: number, from: Minute, to: Minute): void {
    for (let x = 0; x < sides.length; x += 1)
      for (let side = 0; side < 2; side += 1)
        if (sides[x]! & (side === 0 ? 1 : 2)) {
          this.overlaps.add(x, side, owner, from, to);
          this.#log.push(Change.overlap, x, side, 0, 0);
        }
  }

  /** Takes back every change since `mark`; the steps placed since must be named to `unplace`. */
  backTo(mark: number): void {
    this.#log.backTo(mark, this.#undo);
  }

  unplace(step: number): void {
    this.placed[step] = 0;
    this.choice[step] = -1;
  }

  readonly #undo = (code: number, a: number, b: number, c: number, d: number): void => {
    if (code === Change.demand) this.profiles[a]!.add(b, c, -d);
    else if (code === Change.overlap) this.overlaps.takeBack(a, b);
    else if (code === Change.same) this.sameResource[a] = -1;
    else {
      this.holdStart[a] = b;
      this.holdEnd[a] = c;
      this.holdResource[a] = d;
    }
  };
}

/** A step and the hold it works in. */
function isOwn({ steps }: Compiled, a: number, b: number): boolean {
  const n = steps.length;
  if (a >= n === b >= n) return false;
  const [step, hold] = a >= n ? [b, a - n] : [a, b - n];
  return steps[step]!.holds.includes(hold);
}
