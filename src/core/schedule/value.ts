import type { Minute } from '../units';
import type { Bookings } from './bookings';
import type { Compiled } from './compiled';
import type { Objective } from './model';

/** Figures of a plan; lateness Σ weight × minutes late, hold minutes on scarce resources, latest end. */
export interface Figures {
  lateness: number;
  holdMinutes: number;
  makespan: number;
}

export function figuresOf(
  problem: Compiled,
  b: Pick<Bookings, 'end' | 'holdStart' | 'holdEnd' | 'holdResource'>,
): Figures {
  let lateness = 0;
  let makespan = 0;
  for (const job of problem.jobs) {
    let last = -Infinity;
    for (const step of job.steps) if (b.end[step]! > last) last = b.end[step]!;
    if (last === -Infinity) continue;
    makespan = Math.max(makespan, last);
    if (job.due !== null && last > job.due) lateness += job.weight * (last - job.due);
  }
  return { lateness, holdMinutes: heldScarce(problem, b), makespan };
}

/** Minutes in which scarce resources are held while they are open, past ones included. */
function heldScarce(
  problem: Compiled,
  b: Pick<Bookings, 'holdStart' | 'holdEnd' | 'holdResource' | 'end'>,
): number {
  let held = 0;
  for (let h = 0; h < problem.holds.length; h += 1) {
    const r = b.holdResource[h]!;
    if (r < 0 || !problem.resources[r]!.scarce || Number.isNaN(b.holdStart[h]!)) continue;
    const { calendar } = problem.resources[r]!;
    const to = b.end[problem.holds[h]!.to]!;
    const from = b.holdStart[h]!;
    held += calendar ? calendar.openBetween(from, to) : Math.max(0, to - from);
  }
  return held;
}

/** The figures in the order of an objective's aims. */
export function aimsOf({ lateness, holdMinutes, makespan }: Figures, objective: Objective): number[] {
  if (objective === 'makespan') return [makespan];
  return objective === 'lateness' ? [lateness, makespan] : [lateness, holdMinutes, makespan];
}

/** Below zero when `a` is better. */
export function compareAims(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i]) return a[i]! - b[i]!;
  return 0;
}

/**
 * Least time from the start and from the end of each step to the end of what follows it, by durations and lags alone.
 * @param within only followers of the same job count, for lateness
 */
export function tailsOf(problem: Compiled, within: boolean): { start: Float64Array; end: Float64Array } {
  const { steps } = problem;
  const start = Float64Array.from(steps, (step) => step.minutes);
  const end = new Float64Array(steps.length);
  const queue = steps.map((_, i) => steps.length - 1 - i);
  const queued = new Uint8Array(steps.length).fill(1);
  // A ring of lags that grows without end is a contradiction, found elsewhere; here it only must not hang.
  let patience = 50 * steps.length + 1000;
  for (let at = 0; at < queue.length && patience > 0; at += 1, patience -= 1) {
    const i = queue[at]!;
    queued[i] = 0;
    for (const arc of steps[i]!.into) {
      const j = arc.from;
      if (within && steps[j]!.job !== steps[i]!.job) continue;
      const rest = arc.lag + (arc.toEnd ? end[i]! : start[i]!);
      const fromStart = rest + (arc.fromEnd ? steps[j]!.minutes : 0);
      let better = false;
      if (fromStart > start[j]!) {
        start[j] = fromStart;
        better = true;
      }
      if (arc.fromEnd && rest > end[j]!) {
        end[j] = rest;
        better = true;
      }
      if (better && queued[j] === 0) {
        queued[j] = 1;
        queue.push(j);
      }
    }
  }
  return { start, end };
}

/** A bound of the first aim by releases, durations and lags alone. */
export function leastAim(problem: Compiled, objective: Objective): number {
  const { start } = tailsOf(problem, objective !== 'makespan');
  const reach = (i: number) => problem.earliest[i]! + start[i]!;
  if (objective === 'makespan') return problem.steps.reduce((most, _, i) => Math.max(most, reach(i)), 0);
  return problem.jobs.reduce((sum, { due, weight, steps }) => {
    if (due === null) return sum;
    return sum + weight * steps.reduce((most, i) => Math.max(most, reach(i) - due), 0);
  }, 0);
}

/** Latest end that a placing leads to at least; `worse` gives up as soon as an aim cannot be met any more. */
export class AimCut {
  readonly #reach: Float64Array;
  readonly #within: { start: Float64Array; end: Float64Array };
  readonly #whole: { start: Float64Array; end: Float64Array };
  #lateness = 0;
  #last = -Infinity;
  mostLate = Infinity;
  mostEnd = Infinity;

  constructor(
    private readonly problem: Compiled,
    private readonly bookings: Bookings,
  ) {
    this.#within = tailsOf(problem, true);
    this.#whole = problem.jobs.length > 1 ? tailsOf(problem, false) : this.#within;
    this.#reach = new Float64Array(problem.jobs.length);
  }

  reset(): void {
    this.#reach.fill(-Infinity);
    this.#lateness = 0;
    this.#last = -Infinity;
    const { placed, end } = this.bookings;
    for (let i = 0; i < placed.length; i += 1) if (placed[i]) this.worse(i, end[i]!);
  }

  worse(step: number, end: Minute): boolean {
    const start = this.bookings.start[step]!;
    if (this.mostEnd < Infinity) {
      this.#last = Math.max(this.#last, end + this.#whole.end[step]!, start + this.#whole.start[step]!);
      if (this.#last > this.mostEnd) return true;
    }
    if (this.mostLate === Infinity) return false;
    const { job } = this.problem.steps[step]!;
    const { due, weight } = this.problem.jobs[job]!;
    const reach = Math.max(end + this.#within.end[step]!, start + this.#within.start[step]!);
    if (due !== null && reach > this.#reach[job]!) {
      const before = Math.max(0, this.#reach[job]! - due);
      this.#reach[job] = reach;
      this.#lateness += weight * (Math.max(0, reach - due) - before);
    }
    return this.#lateness > this.mostLate;
  }
}
