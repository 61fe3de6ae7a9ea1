import { Clause, type Explanation, type Reason } from './clause';
import { Edges } from './edges';
import { Lessons } from './lessons';
import { Trail } from './trail';
import { Watches } from './watches';

/** Tightens bounds by a rule of its own; woken when one of its halves has changed. */
export interface Propagator {
  /** @returns false after a conflict, which it has told the kernel */
  propagate(kernel: Kernel): boolean;
}

/**
 * A search that learns from its dead ends (lazy clause generation after Ohrimenko, Stuckey and Codish 2009, in the form
 * that works on bounds). A variable x has two halves: half 2x holds a lower bound of x, half 2x + 1 one of −x. A literal
 * is (half, value): "the half is at least value"; its opposite is (half ^ 1, 1 − value). Truth values are variables 0 … 1.
 */
export class Kernel {
  readonly #trail: Trail;
  readonly low: Float64Array;
  readonly #edges: Edges;
  readonly #watches: Watches;
  readonly #lessons: Lessons;
  readonly #woken: Propagator[][];
  readonly #queue: Propagator[] = [];
  readonly #queued = new Set<Propagator>();
  #head = 0;
  /** Literals that cannot all be true; set by whoever found the conflict. */
  #conflict: Explanation = [];
  conflicts = 0;

  constructor(readonly variables: number) {
    const halves = variables * 2;
    this.#trail = new Trail(halves);
    this.low = this.#trail.low;
    this.#edges = new Edges(halves);
    this.#watches = new Watches(halves);
    this.#lessons = new Lessons(this.#trail, this.#watches, this);
    this.#woken = Array.from({ length: halves }, () => []);
  }

  get level(): number {
    return this.#trail.levelStart.length;
  }

  /** How much each variable took part in late conflicts. */
  get activity(): Float64Array {
    return this.#lessons.activity;
  }

  least = (variable: number): number => this.low[variable * 2]!;
  most = (variable: number): number => -this.low[variable * 2 + 1]!;
  isFixed = (variable: number): boolean => this.low[variable * 2]! === -this.low[variable * 2 + 1]!;

  /** First bounds of a variable; only before anything was propagated. */
  setDomain(variable: number, least: number, most: number): void {
    const { low, root } = this.#trail;
    low[variable * 2] = least;
    low[variable * 2 + 1] = -most;
    root[variable * 2] = least;
    root[variable * 2 + 1] = -most;
  }

  /** to ≥ from + lag on halves, with its reading backwards. */
  addEdge(from: number, to: number, lag: number, whenHalf = -1, whenValue = 1): void {
    this.#edges.add(from, to, lag, whenHalf, whenValue);
  }

  wake(half: number, propagator: Propagator): void {
    this.#woken[half]!.push(propagator);
  }

  schedule(propagator: Propagator): void {
    if (this.#queued.has(propagator)) return;
    this.#queued.add(propagator);
    this.#queue.push(propagator);
  }

  /** At least one of the literals. @returns false when that is impossible at the root */
  addClause(literals: Explanation): boolean {
    const open: number[] = [];
    for (let i = 0; i < literals.length; i += 2) {
      const [half, value] = [literals[i]!, literals[i + 1]!];
      if (this.low[half]! >= value) return true;
      if (this.low[half ^ 1]! < 1 - value) open.push(half, value);
    }
    if (open.length === 0) return false;
    if (open.length === 2) return this.enqueue(open[0]!, open[1]!, null);
    this.#watches.attach(Clause.of(open, 0));
    return true;
  }

  /** Raises a half. @returns false on a conflict, which is kept for analysis */
  readonly enqueue = (half: number, value: number, reason: Reason): boolean => {
    const { low } = this;
    if (value <= low[half]!) return true;
    if (low[half ^ 1]! >= 1 - value) {
      this.#conflict = this.explain(half, value, reason);
      this.#conflict.push(half ^ 1, 1 - value);
      return false;
    }
    this.#trail.push(half, value, reason);
    return true;
  };

  /** Literals that together make (half ≥ value) true; the reason may be lifted to just this value. */
  readonly explain = (half: number, value: number, reason: Reason): Explanation => {
    if (reason === null) return [];
    if (typeof reason === 'number') {
      const edge = this.#edges.all[reason]!;
      const why = [edge.from, value - edge.lag];
      if (edge.whenHalf >= 0) why.push(edge.whenHalf, edge.whenValue);
      return why;
    }
    if (!(reason instanceof Clause)) return reason.slice();
    const why: Explanation = [];
    let skipped = false;
    for (let i = 0; i < reason.halves.length; i += 1) {
      if (!skipped && reason.halves[i] === half) skipped = true;
      else why.push(reason.halves[i]! ^ 1, 1 - reason.values[i]!);
    }
    return why;
  };

  /** Reports literals that cannot all be true. */
  fail(literals: Explanation): false {
    this.#conflict = literals;
    return false;
  }

  decide(half: number, value: number): void {
    this.#trail.levelStart.push(this.#trail.length);
    this.enqueue(half, value, null);
  }

  readonly backTo = (level: number): void => {
    if (this.level <= level) return;
    this.#trail.backTo(level);
    this.#head = this.#trail.length;
    this.#queue.length = 0;
    this.#queued.clear();
  };

  /** Learns from the present conflict. @returns false when it stands at the root: there is no solution */
  learn(): boolean {
    this.conflicts += 1;
    return this.#lessons.learn(this.#conflict);
  }

  /** Consequences of the first bounds; once, before anything is decided. @returns false when they contradict */
  begin(): boolean {
    this.#edges.layOut();
    for (let i = 0; i < this.#edges.all.length; i += 1) {
      const { from, to, lag, whenHalf, whenValue } = this.#edges.all[i]!;
      if (whenHalf >= 0 && this.low[whenHalf]! < whenValue) continue;
      if (!this.enqueue(to, this.low[from]! + lag, i)) return false;
    }
    return this.propagate();
  }

  /** All consequences. @returns false on a conflict */
  propagate(): boolean {
    const trail = this.#trail;
    for (;;) {
      while (this.#head < trail.length) {
        const at = this.#head;
        const half = trail.half[at]!;
        this.#head += 1;
        if (!this.#alongEdges(half)) return false;
        if (!this.#watches.rise(this.low, half, trail.before[at]!, trail.value[at]!, this.enqueue))
          return false;
        const woken = this.#woken[half]!;
        for (let i = 0; i < woken.length; i += 1) this.schedule(woken[i]!);
      }
      const next = this.#queue.shift();
      if (!next) return true;
      this.#queued.delete(next);
      if (!next.propagate(this)) return false;
    }
  }

  #alongEdges(half: number): boolean {
    const { low } = this;
    const edges = this.#edges;
    const bound = low[half]!;
    const last = edges.start[half + 1]!;
    for (let i = edges.start[half]!; i < last; i += 1) {
      const to = edges.to[i]!;
      if (bound + edges.lag[i]! <= low[to]!) continue;
      const index = edges.index[i]!;
      const { whenHalf, whenValue, lag } = edges.all[index]!;
      if (whenHalf >= 0 && low[whenHalf]! < whenValue) continue;
      if (!this.enqueue(to, bound + lag, index)) return false;
    }
    const waiting = edges.waiting[half]!;
    for (let i = 0; i < waiting.length; i += 1) {
      const edge = edges.all[waiting[i]!]!;
      if (bound < edge.whenValue) continue;
      if (!this.enqueue(edge.to, low[edge.from]! + edge.lag, waiting[i]!)) return false;
    }
    return true;
  }
}
