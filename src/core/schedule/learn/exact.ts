import type { Arc, Compiled } from '../compiled';
import type { Objective } from '../model';
import { Random } from '../random';
import { encode, type Encoded } from './encode';
import type { Literal } from './logic';

/** Steps up to which this search is worth its memory. */
export const mostLearned = 1500;

/** Conflicts to the first restart, and the unit of those after it. */
const firstRestart = 100;
const restartUnit = 400;

/** Starts, ends and choices of a plan as the learning search found it. */
export interface Found {
  start: Float64Array;
  end: Float64Array;
  choice: Int32Array;
  holdResource: Int32Array;
}

export type Verdict = 'found' | 'none' | 'open';

/**
 * Complete search for a plan whose first aim is at most a bound. It learns from dead ends, restarts, and says 'none' only
 * when every way has been ruled out.
 */
export class Exact {
  readonly #encoded: Encoded;
  readonly #random: Random;
  readonly #wish: Float64Array;
  #contradicted: boolean;
  #round = 1;
  #restartAt = firstRestart;
  found: Found | null = null;
  /** Whether 'none' proves that the problem has no such plan. */
  readonly proves: boolean;

  constructor(
    readonly problem: Compiled,
    readonly objective: Objective,
    encoded: Encoded,
    seed: number,
  ) {
    this.#encoded = encoded;
    this.#random = new Random(seed);
    this.#wish = new Float64Array(encoded.kernel.variables).fill(NaN);
    this.#contradicted = !encoded.consistent || !encoded.kernel.begin();
    this.proves = encoded.exact;
  }

  /**
   * @param kept further arcs that plans have to keep; 'none' then proves nothing about the problem
   * @returns null when the problem is too large to be searched this way
   */
  static of(problem: Compiled, objective: Objective, seed: number, kept: readonly Arc[] = []): Exact | null {
    const encoded = encode(problem, objective, kept);
    return encoded && new Exact(problem, objective, encoded, seed);
  }

  get conflicts(): number {
    return this.#encoded.kernel.conflicts;
  }

  /** A bound of the first aim by what follows at the root. */
  leastAim(): number {
    const { kernel, latest, lateness } = this.#encoded;
    kernel.backTo(0);
    return this.objective === 'makespan' ? kernel.least(latest) : lateness.least(kernel);
  }

  /** Values to try first. */
  wish({ start, choice }: Pick<Found, 'start' | 'choice'>): void {
    const { start: variable, choices } = this.#encoded;
    for (let i = 0; i < variable.length; i += 1) {
      this.#wish[variable[i]!] = start[i]!;
      choices[i]!.forEach((literal, c) => {
        if (literal !== true) this.#wish[literal[0] >> 1] = choice[i] === c ? 1 : 0;
      });
    }
  }

  /** From now on only plans whose first aim is at most `most`. */
  bound(most: number): void {
    if (this.objective === 'makespan') return this.boundEnd(most);
    const { kernel, lateness } = this.#encoded;
    kernel.backTo(0);
    lateness.limit = most;
    kernel.schedule(lateness);
  }

  /** From now on only plans that have ended by `most`. */
  boundEnd(most: number): void {
    const { kernel, latest } = this.#encoded;
    kernel.backTo(0);
    if (!kernel.enqueue(latest * 2 + 1, -most, null)) this.#contradicted = true;
  }

  /** Looks on for so many conflicts. */
  run(conflicts: number, isOver: () => boolean = () => false): Verdict {
    const { kernel } = this.#encoded;
    if (this.#contradicted) return 'none';
    const until = kernel.conflicts + conflicts;
    for (;;) {
      if (!kernel.propagate()) {
        if (kernel.level === 0 || !kernel.learn()) {
          this.#contradicted = true;
          return 'none';
        }
        if (kernel.conflicts >= this.#restartAt) {
          this.#round += 1;
          this.#restartAt = kernel.conflicts + restartUnit * luby(this.#round);
          kernel.backTo(0);
        }
        if (kernel.conflicts >= until || (kernel.conflicts % 16 === 0 && isOver())) return 'open';
        continue;
      }
      if (!this.#decide(this.#round)) {
        this.found = this.#read();
        return 'found';
      }
    }
  }

  /** @returns false when everything is fixed */
  #decide(round: number): boolean {
    return round % 3 === 1 ? this.#earliest() : this.#busiest();
  }

  /** The step that can start first, at its earliest. */
  #earliest(): boolean {
    const { kernel, start, choices } = this.#encoded;
    let best = -1;
    let soonest = Infinity;
    let slack = Infinity;
    for (let i = 0; i < start.length; i += 1) {
      const v = start[i]!;
      const least = kernel.least(v);
      if (kernel.isFixed(v) && !this.#openChoice(i)) continue;
      const most = kernel.most(v);
      if (least > soonest || (least === soonest && most >= slack)) continue;
      best = i;
      soonest = least;
      slack = most;
    }
    if (best < 0) return this.#busiest();
    const v = start[best]!;
    const way = this.#openWay(choices[best]!, best);
    if (way) kernel.decide(way[0], way[1]);
    else kernel.decide(v * 2 + 1, -soonest);
    return true;
  }

  #openChoice(i: number): boolean {
    const { kernel, choices } = this.#encoded;
    return choices[i]!.some((one) => one !== true && !kernel.isFixed(one[0] >> 1));
  }

  #openWay(ways: readonly Literal[], step: number): readonly [number, number] | null {
    const { kernel } = this.#encoded;
    const open = ways.filter(
      (one): one is readonly [number, number] => one !== true && !kernel.isFixed(one[0] >> 1),
    );
    if (open.length === 0) return null;
    const wished = open.find((one) => this.#wish[one[0] >> 1] === 1);
    return wished ?? open[(step + this.#random.below(2)) % open.length]!;
  }

  /** The variable that took part in most recent conflicts, towards the value it is wished to have. */
  #busiest(): boolean {
    const { kernel } = this.#encoded;
    const { low, activity, variables } = kernel;
    let best = -1;
    for (let v = 0; v < variables; v += 1)
      if (low[v * 2] !== -low[v * 2 + 1]! && (best < 0 || activity[v]! > activity[best]!)) best = v;
    if (best < 0) return false;
    const least = kernel.least(best);
    const most = kernel.most(best);
    const wish = this.#wish[best]!;
    if (Number.isNaN(wish)) kernel.decide(best * 2 + 1, -least);
    else if (wish >= most) kernel.decide(best * 2, most);
    else kernel.decide(best * 2 + 1, -Math.max(least, wish));
    return true;
  }

  #read(): Found {
    const { kernel, start, end, endPlus, choices, holdResources } = this.#encoded;
    const found: Found = {
      start: Float64Array.from(start, (v) => kernel.least(v)),
      end: Float64Array.from(end, (v, i) => kernel.least(v) + endPlus[i]!),
      choice: Int32Array.from(choices, (ways) =>
        ways.findIndex((one) => one === true || kernel.low[one[0]]! >= one[1]),
      ),
      holdResource: Int32Array.from(holdResources, (by) => {
        for (const [r, one] of by) if (one === true || kernel.low[one[0]]! >= one[1]) return r;
        return -1;
      }),
    };
    this.wish(found);
    return found;
  }
}

/** 1 1 2 1 1 2 4 … (Luby, Sinclair and Zuckerman 1993). */
export function luby(i: number): number {
  for (let k = 1; ; k += 1) {
    if (i === 2 ** k - 1) return 2 ** (k - 1);
    if (i < 2 ** k - 1) return luby(i - 2 ** (k - 1) + 1);
  }
}
