import type { Compiled } from './compiled';
import { Exact, mostLearned, type Found } from './learn/exact';
import { freedSteps, keptOrder } from './learn/neighbourhood';
import type { Objective } from './model';
import { Random } from './random';
import { Search } from './search';
import type { Solution } from './solution';
import { aimsOf, compareAims, figuresOf, leastAim } from './value';

const conflictsAtOnce = 100;
const conflictsNearby = 200;

/** The placing search and the learning search side by side, each telling the other what it found. */
export class Improver {
  readonly #search: Search;
  readonly #exact: Exact | null;
  readonly #random: Random;
  #share = 0.3;
  #turn = 0;
  best: Solution | null = null;
  /** No plan has a first aim below this. */
  lowerBound: number;
  /** Nothing is left to find: every aim of `best` is proven, or there is no plan. */
  closed = false;
  #step = 0.5;
  #firstClosed = false;
  #turned = false;
  /** The learning search for the last aim, with the first as good as it is. */
  #last: Exact | null = null;

  constructor(
    readonly problem: Compiled,
    readonly objective: Objective,
    seed: number,
  ) {
    this.#search = new Search(problem, objective, seed);
    this.#exact = problem.steps.length <= mostLearned ? Exact.of(problem, objective, seed) : null;
    this.#random = new Random(seed + 7);
    this.lowerBound = this.#exact?.leastAim() ?? leastAim(problem, objective);
  }

  get ranOut(): boolean {
    return this.#search.ranOut;
  }

  /** One round; `isOver` lets a long one end early. */
  iterate(isOver: () => boolean): void {
    this.#turn += 1;
    this.#search.iterate(isOver);
    this.#heed(this.#search.best);
    if (this.#firstClosed && !this.#turned) this.#turnToNext();
    else if (this.#turned) this.#later(isOver);
    else this.#first(isOver);
  }

  #first(isOver: () => boolean): void {
    if (!this.#exact || this.#turn < 4) return;
    if (this.#turn % 2 === 0 || !this.best) this.#prove(this.#exact, isOver);
    else if (this.#turn % 12 === 5) this.#raise(this.best, isOver);
    else this.#nearby(this.best, isOver);
  }

  /** The first aim is proven: what is left is to better the others without giving any of it up. */
  #turnToNext(): void {
    const { best, objective } = this;
    this.#turned = true;
    if (!best || best.aims.length === 1) {
      this.closed = true;
      return;
    }
    this.#search.turnTo(1);
    const anyScarce = this.problem.holds.some((hold) =>
      hold.resources.some((r) => this.problem.resources[r]!.scarce),
    );
    if (objective === 'shop' && !anyScarce) this.#search.turnTo(2);
    if (objective === 'shop' && anyScarce) return;
    this.#last = this.#exact && Exact.of(this.problem, 'lateness', 1);
    this.#last?.bound(best.aims[0]!);
    this.#last?.boundEnd(best.figures.makespan - 1);
    this.#last?.wish(best);
  }

  #later(isOver: () => boolean): void {
    if (!this.#last) return;
    const verdict = this.#last.run(conflictsAtOnce, isOver);
    if (verdict === 'none' && this.#last.proves) this.closed = true;
    if (verdict !== 'found') return;
    this.#adopt(this.#last.found!);
    this.#last.boundEnd(this.best!.figures.makespan - 1);
  }

  /** Tries to rule out everything up to a value between the bound and the best (destructive improvement). */
  #raise(best: Solution, isOver: () => boolean): void {
    const gap = best.aims[0]! - this.lowerBound;
    if (gap < 1) return;
    const most = this.lowerBound + Math.floor((gap - 1) * this.#step);
    const trial = Exact.of(this.problem, this.objective, 1);
    if (!trial) return;
    trial.bound(most);
    const verdict = trial.run(conflictsAtOnce, isOver);
    if (verdict === 'none' && trial.proves) this.lowerBound = most + 1;
    else this.#step /= 2;
    if (verdict === 'found') this.#adopt(trial.found!);
    if (this.best && this.best.aims[0]! <= this.lowerBound) this.#firstClosed = true;
  }

  /** A better plan from either side is told to the other. */
  #heed(found: Solution | null): void {
    if (!found || (this.best && compareAims(found.aims, this.best.aims) >= 0)) return;
    const better = !this.best || found.aims[0]! < this.best.aims[0]!;
    this.best = found;
    if (!better) return;
    if (found.aims[0]! <= this.lowerBound) this.#firstClosed = true;
    this.#exact?.bound(found.aims[0]! - 1);
    this.#exact?.wish(found);
  }

  #prove(exact: Exact, isOver: () => boolean): void {
    const verdict = exact.run(conflictsAtOnce, isOver);
    if (verdict === 'none' && exact.proves) {
      this.#firstClosed = true;
      if (this.best) this.lowerBound = this.best.aims[0]!;
    }
    if (verdict === 'found') this.#adopt(exact.found!);
  }

  #nearby(best: Solution, isOver: () => boolean): void {
    const freed = freedSteps(this.problem, best, this.#share, this.#random);
    const kept = keptOrder(this.problem, best, freed);
    const part = Exact.of(this.problem, this.objective, this.#random.below(1e6), kept);
    if (!part) return;
    part.wish(best);
    part.bound(best.aims[0]! - 1);
    const verdict = part.run(conflictsNearby, isOver);
    if (verdict === 'found') this.#adopt(part.found!);
    // Too easy: free more; too hard: free less.
    if (verdict === 'none') this.#share = Math.min(0.9, this.#share * 1.05);
    if (verdict === 'open') this.#share = Math.max(0.05, this.#share * 0.97);
  }

  #adopt(found: Found): void {
    const figures = figuresOf(this.problem, {
      ...found,
      holdStart: Float64Array.from(this.problem.holds, (hold) => found.start[hold.from]!),
      holdEnd: Float64Array.from(this.problem.holds, (hold) => found.end[hold.to]!),
    });
    const delay = new Float64Array(found.start.length).fill(-Infinity);
    const aims = aimsOf(figures, this.objective);
    const settled = this.#search.adopt(found);
    if (settled && compareAims(settled.aims, aims) <= 0) this.#heed(settled);
    else this.#heed({ ...found, figures, aims, delay });
  }
}
