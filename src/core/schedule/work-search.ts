import type { Minute } from '../units';
import { earliestEnd } from './earliest-end';
import type { ScheduleProblem } from './problem';
import { Search } from './search';
import { compiledWork } from './serial-schedule';

/** The best order found so far. */
export interface FoundOrder {
  /** End of the last step that is waited for. */
  end: Minute;
  /** Steps by their starts. */
  order: string[];
}

/**
 * Looks for an order of one job's steps that ends sooner, beside what is promised to others; windows are all kept. The same
 * seed and rounds give the same order.
 */
export class WorkSearch {
  readonly #search: Search;
  /** No calendar ends before this, by waits and hours alone. */
  readonly earliest: Minute;
  rounds = 0;

  constructor(problem: ScheduleProblem, seed: number) {
    // Due at once: the lateness is then the end.
    const compiled = compiledWork(problem, problem.now);
    this.#search = new Search(compiled, 'lateness', seed);
    this.earliest = earliestEnd(compiled, compiled.jobs[0]!.steps);
  }

  /** One attempt; `isOver` lets a long one end early. */
  iterate(isOver: () => boolean): void {
    this.#search.iterate(isOver);
    this.rounds += 1;
  }

  /** Null until an order was found that keeps every window. */
  get best(): FoundOrder | null {
    const { best, problem } = this.#search;
    if (!best) return null;
    const byStart = [...problem.steps.keys()].sort(
      (a, b) => best.start[a]! - best.start[b]! || best.end[a]! - best.end[b]! || a - b,
    );
    return {
      end: Math.max(...problem.jobs[0]!.steps.map((i) => best.end[i]!)),
      order: byStart.map((i) => problem.steps[i]!.id),
    };
  }
}
