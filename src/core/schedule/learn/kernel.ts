/**
 * A search that learns from its dead ends (lazy clause generation after Ohrimenko, Stuckey and Codish 2009, in the form
 * that works on bounds). A variable x has two halves: half 2x holds a lower bound of x, half 2x + 1 one of −x. A literal
 * is (half, value): "the half is at least value"; its opposite is (half ^ 1, 1 − value). Truth values are variables 0 … 1.
 */
export class Clause {
  activity = 0;
  constructor(
    readonly halves: Int32Array,
    readonly values: Float64Array,
    /** Levels its literals stem from when it was learnt; 0 for one that was given. */
    readonly levels: number,
  ) {}
}

/** Literals one after the other: half, value, half, value, … All true, they force the consequence. */
export type Explanation = number[];
/** null: a decision or a given bound. A number: the arc of that index. */
export type Reason = null | number | Clause | Explanation;

/** to ≥ from + lag, on halves, while `when` (a literal) is true; half −1: always. */
export interface Edge {
  from: number;
  to: number;
  lag: number;
  whenHalf: number;
  whenValue: number;
}

/** Tightens bounds by a rule of its own; woken when one of its halves has changed. */
export interface Propagator {
  /** @returns false after a conflict, which it has told the kernel */
  propagate(kernel: Kernel): boolean;
}

export class Kernel {
  /** Present lower bound of each half. */
  readonly low: Float64Array;
  #root: Float64Array;
  readonly #last: Int32Array;
  #trailHalf = new Int32Array(4096);
  #trailValue = new Float64Array(4096);
  #trailBefore = new Float64Array(4096);
  #trailPrevious = new Int32Array(4096);
  #trailLevel = new Int32Array(4096);
  #reasons: Reason[] = [];
  #length = 0;
  #head = 0;
  readonly #levelStart: number[] = [];
  readonly edges: Edge[] = [];
  #edgeStart = new Int32Array(0);
  #edgeTo = new Int32Array(0);
  #edgeIndex = new Int32Array(0);
  #edgeLag = new Float64Array(0);
  readonly #whenLists: number[][];
  /** By half: the values at which some watched literal becomes false, in order, with the clauses that watch it. */
  readonly #watchValues: number[][];
  readonly #watchers: Clause[][][];
  readonly #woken: Propagator[][];
  readonly #queue: Propagator[] = [];
  readonly #queued = new Set<Propagator>();
  readonly activity: Float64Array;
  #bump = 1;
  #clauseBump = 1;
  #learnt: Clause[] = [];
  #mostLearnt = 3000;
  readonly #need: Float64Array;
  conflicts = 0;
  /** Literals that cannot all be true; set by whoever found the conflict. */
  #conflict: Explanation = [];

  constructor(readonly variables: number) {
    const halves = variables * 2;
    this.low = new Float64Array(halves);
    this.#root = new Float64Array(halves);
    this.#last = new Int32Array(halves).fill(-1);
    this.#need = new Float64Array(halves).fill(-Infinity);
    this.activity = new Float64Array(variables);
    const lists = <T>() => Array.from({ length: halves }, () => [] as T[]);
    this.#whenLists = lists<number>();
    this.#watchValues = lists<number>();
    this.#watchers = lists<Clause[]>();
    this.#woken = lists<Propagator>();
  }

  get level(): number {
    return this.#levelStart.length;
  }

  least = (variable: number): number => this.low[variable * 2]!;
  most = (variable: number): number => -this.low[variable * 2 + 1]!;
  isFixed = (variable: number): boolean => this.low[variable * 2]! === -this.low[variable * 2 + 1]!;

  /** First bounds of a variable; only before anything was propagated. */
  setDomain(variable: number, least: number, most: number): void {
    this.low[variable * 2] = least;
    this.low[variable * 2 + 1] = -most;
    this.#root[variable * 2] = least;
    this.#root[variable * 2 + 1] = -most;
  }

  /** to ≥ from + lag on halves, with its reading backwards. */
  addEdge(from: number, to: number, lag: number, whenHalf = -1, whenValue = 1): void {
    for (const [a, b] of [
      [from, to],
      [to ^ 1, from ^ 1],
    ] as const) {
      const index = this.edges.length;
      this.edges.push({ from: a, to: b, lag, whenHalf, whenValue });
      if (whenHalf >= 0) this.#whenLists[whenHalf]!.push(index);
    }
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
    this.#attach(clauseOf(open, 0));
    return true;
  }

  #attach(clause: Clause): void {
    this.#watch(clause, 0);
    this.#watch(clause, 1);
  }

  #watch(clause: Clause, place: 0 | 1): void {
    const half = clause.halves[place]! ^ 1;
    const value = 1 - clause.values[place]!;
    const values = this.#watchValues[half]!;
    const at = firstAbove(values, value - 0.5);
    if (values[at] === value) this.#watchers[half]![at]!.push(clause);
    else {
      values.splice(at, 0, value);
      this.#watchers[half]!.splice(at, 0, [clause]);
    }
  }

  /** Raises a half. @returns false on a conflict, which is kept for analysis */
  enqueue(half: number, value: number, reason: Reason): boolean {
    const { low } = this;
    if (value <= low[half]!) return true;
    if (low[half ^ 1]! >= 1 - value) {
      this.#conflict = this.#explain(half, value, reason);
      this.#conflict.push(half ^ 1, 1 - value);
      return false;
    }
    const at = this.#length;
    if (at === this.#trailHalf.length) this.#grow();
    this.#trailHalf[at] = half;
    this.#trailValue[at] = value;
    this.#trailBefore[at] = low[half]!;
    this.#trailPrevious[at] = this.#last[half]!;
    this.#trailLevel[at] = this.#levelStart.length;
    this.#reasons[at] = reason;
    this.#last[half] = at;
    this.#length = at + 1;
    low[half] = value;
    return true;
  }

  #grow(): void {
    const wider = <T extends Int32Array | Float64Array>(old: T, next: T): T => {
      next.set(old);
      return next;
    };
    const size = this.#trailHalf.length * 2;
    this.#trailHalf = wider(this.#trailHalf, new Int32Array(size));
    this.#trailValue = wider(this.#trailValue, new Float64Array(size));
    this.#trailBefore = wider(this.#trailBefore, new Float64Array(size));
    this.#trailPrevious = wider(this.#trailPrevious, new Int32Array(size));
    this.#trailLevel = wider(this.#trailLevel, new Int32Array(size));
  }

  /** Literals that together make (half ≥ value) true; the reason may be lifted to just this value. */
  #explain(half: number, value: number, reason: Reason): Explanation {
    if (reason === null) return [];
    if (typeof reason === 'number') {
      const edge = this.edges[reason]!;
      const why = [edge.from, value - edge.lag];
      if (edge.whenHalf >= 0) why.push(edge.whenHalf, edge.whenValue);
      return why;
    }
    if (!(reason instanceof Clause)) return reason.slice();
    const why: Explanation = [];
    let skipped = false;
    for (let i = 0; i < reason.halves.length; i += 1) {
      if (!skipped && reason.halves[i] === half) {
        skipped = true;
        continue;
      }
      why.push(reason.halves[i]! ^ 1, 1 - reason.values[i]!);
    }
    return why;
  }

  /** Reports literals that cannot all be true. */
  fail(literals: Explanation): false {
    this.#conflict = literals;
    return false;
  }

  decide(half: number, value: number): void {
    this.#levelStart.push(this.#length);
    this.enqueue(half, value, null);
  }

  backTo(level: number): void {
    if (this.#levelStart.length <= level) return;
    const start = this.#levelStart[level]!;
    for (let at = this.#length - 1; at >= start; at -= 1) {
      const half = this.#trailHalf[at]!;
      this.low[half] = this.#trailBefore[at]!;
      this.#last[half] = this.#trailPrevious[at]!;
    }
    this.#reasons.length = start;
    this.#length = start;
    this.#head = start;
    this.#levelStart.length = level;
    this.#queue.length = 0;
    this.#queued.clear();
  }

  /** Consequences of the first bounds; once, before anything is decided. @returns false when they contradict */
  begin(): boolean {
    this.#layOutEdges();
    for (let i = 0; i < this.edges.length; i += 1) {
      const { from, to, lag, whenHalf, whenValue } = this.edges[i]!;
      if (whenHalf >= 0 && this.low[whenHalf]! < whenValue) continue;
      if (!this.enqueue(to, this.low[from]! + lag, i)) return false;
    }
    return this.propagate();
  }

  /** All consequences. @returns false on a conflict */
  propagate(): boolean {
    for (;;) {
      while (this.#head < this.#length) {
        const at = this.#head;
        const half = this.#trailHalf[at]!;
        this.#head += 1;
        if (!this.#alongEdges(half)) return false;
        if (!this.#throughClauses(half, this.#trailBefore[at]!, this.#trailValue[at]!)) return false;
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
    const bound = low[half]!;
    const last = this.#edgeStart[half + 1]!;
    for (let i = this.#edgeStart[half]!; i < last; i += 1) {
      const to = this.#edgeTo[i]!;
      if (bound + this.#edgeLag[i]! <= low[to]!) continue;
      const edge = this.#edgeIndex[i]!;
      const { whenHalf, whenValue, lag } = this.edges[edge]!;
      if (whenHalf >= 0 && low[whenHalf]! < whenValue) continue;
      if (!this.enqueue(to, bound + lag, edge)) return false;
    }
    const whens = this.#whenLists[half]!;
    for (let i = 0; i < whens.length; i += 1) {
      const edge = this.edges[whens[i]!]!;
      if (bound < edge.whenValue) continue;
      if (!this.enqueue(edge.to, low[edge.from]! + edge.lag, whens[i]!)) return false;
    }
    return true;
  }

  /** Lays the edges out by the half they start from, for speed. */
  #layOutEdges(): void {
    const halves = this.low.length;
    this.#edgeStart = new Int32Array(halves + 1);
    for (const { from } of this.edges) this.#edgeStart[from + 1]! += 1;
    for (let half = 0; half < halves; half += 1) this.#edgeStart[half + 1]! += this.#edgeStart[half]!;
    this.#edgeTo = new Int32Array(this.edges.length);
    this.#edgeIndex = new Int32Array(this.edges.length);
    this.#edgeLag = new Float64Array(this.edges.length);
    const next = this.#edgeStart.slice();
    this.edges.forEach(({ from, to, lag }, index) => {
      const at = next[from]!++;
      this.#edgeTo[at] = to;
      this.#edgeIndex[at] = index;
      this.#edgeLag[at] = lag;
    });
  }

  /** Visits the clauses whose watched literal became false when the half rose from `before` to `after`. */
  #throughClauses(half: number, before: number, after: number): boolean {
    const values = this.#watchValues[half]!;
    const lists = this.#watchers[half]!;
    for (let at = firstAbove(values, before); at < values.length && values[at]! <= after; at += 1)
      if (!this.#visit(half, values[at]!, lists[at]!)) return false;
    return true;
  }

  #visit(half: number, value: number, clauses: Clause[]): boolean {
    const { low } = this;
    let kept = 0;
    let fine = true;
    let i = 0;
    for (; i < clauses.length && fine; i += 1) {
      const clause = clauses[i]!;
      const { halves, values } = clause;
      // The literal that has become false goes to place 1.
      if (halves[0] === (half ^ 1) && 1 - values[0]! === value) swap(clause, 0, 1);
      if (low[halves[0]!]! < values[0]!) {
        let k = 2;
        while (k < halves.length && low[halves[k]! ^ 1]! >= 1 - values[k]!) k += 1;
        if (k < halves.length) {
          swap(clause, 1, k);
          this.#watch(clause, 1);
          continue;
        }
        fine = this.enqueue(halves[0]!, values[0]!, clause);
      }
      clauses[kept] = clause;
      kept += 1;
    }
    for (; i < clauses.length; i += 1) {
      clauses[kept] = clauses[i]!;
      kept += 1;
    }
    if (kept < clauses.length) clauses.length = kept;
    return fine;
  }

  #becameTrue(half: number, value: number): number {
    let at = this.#last[half]!;
    while (at >= 0 && this.#trailBefore[at]! >= value) at = this.#trailPrevious[at]!;
    return at;
  }

  /**
   * Learns from the present conflict: the first unique implication point, goes back and asserts it.
   * @returns false when the conflict stands at the root: there is no solution
   */
  learn(): boolean {
    this.conflicts += 1;
    const need = this.#need;
    const touched: number[] = [];
    let deepest = 0;
    const literals = this.#conflict;
    for (let i = 0; i < literals.length; i += 2) {
      const at = this.#becameTrue(literals[i]!, literals[i + 1]!);
      if (at >= 0) deepest = Math.max(deepest, this.#trailLevel[at]!);
    }
    if (deepest === 0) return false;
    this.backTo(deepest);
    const start = this.#levelStart[deepest - 1]!;
    let open = 0;
    const require = (why: Explanation) => {
      for (let i = 0; i < why.length; i += 2) {
        const half = why[i]!;
        const value = why[i + 1]!;
        if (value <= this.#root[half]! || need[half]! >= value) continue;
        const at = this.#becameTrue(half, value);
        if (at < 0 || this.#trailLevel[at] === 0) continue;
        if (need[half] === -Infinity) touched.push(half);
        const was = need[half]! === -Infinity ? -1 : this.#becameTrue(half, need[half]!);
        need[half] = value;
        this.#bumpVariable(half >> 1);
        if (at >= start && was < start) open += 1;
      }
    };
    require(literals);
    let at = this.#length - 1;
    let [uipHalf, uipValue] = [-1, 0];
    for (; at >= start; at -= 1) {
      const half = this.#trailHalf[at]!;
      if (need[half]! <= this.#trailBefore[at]!) continue;
      const value = need[half]!;
      if (open === 1) {
        [uipHalf, uipValue] = [half, value];
        break;
      }
      const reason = this.#reasons[at]!;
      if (reason instanceof Clause) this.#bumpClause(reason);
      // What was asked of this half before this change may still be asked of an earlier one: it is weaker and is implied.
      need[half] = -Infinity;
      touched.splice(touched.indexOf(half), 1);
      open -= 1;
      require(this.#explain(half, value, reason));
    }
    return this.#assert(uipHalf, uipValue, touched);
  }

  #assert(uipHalf: number, uipValue: number, touched: number[]): boolean {
    const need = this.#need;
    const literals: number[] = [uipHalf ^ 1, 1 - uipValue];
    let back = 0;
    let watch = -1;
    const levels = new Set<number>();
    for (const half of touched) {
      if (half === uipHalf) continue;
      const value = need[half]!;
      const at = this.#becameTrue(half, value);
      if (this.#isImplied(at, half, value)) continue;
      const level = this.#trailLevel[at]!;
      levels.add(level);
      literals.push(half ^ 1, 1 - value);
      if (level > back) {
        back = level;
        watch = literals.length - 2;
      }
    }
    for (const half of touched) need[half] = -Infinity;
    this.#bump *= 1.05;
    this.#clauseBump *= 1.001;
    this.backTo(back);
    if (literals.length === 2) {
      const fine = this.enqueue(literals[0]!, literals[1]!, null);
      if (fine) this.#root[literals[0]!] = Math.max(this.#root[literals[0]!]!, literals[1]!);
      return fine;
    }
    [literals[2], literals[watch]] = [literals[watch]!, literals[2]!];
    [literals[3], literals[watch + 1]] = [literals[watch + 1]!, literals[3]!];
    const clause = clauseOf(literals, levels.size + 1);
    clause.activity = this.#clauseBump;
    this.#learnt.push(clause);
    this.#attach(clause);
    if (this.#learnt.length > this.#mostLearnt) this.#forget();
    return this.enqueue(literals[0]!, literals[1]!, clause);
  }

  /** A literal follows from the others when all that made it true is asked for already. */
  #isImplied(at: number, half: number, value: number): boolean {
    const reason = this.#reasons[at] ?? null;
    if (reason === null) return false;
    const why = this.#explain(half, value, reason);
    for (let i = 0; i < why.length; i += 2) {
      const other = why[i]!;
      if (why[i + 1]! <= this.#root[other]!) continue;
      // What is asked of the other half must be older than this, or the two could each lean on the other.
      if (this.#need[other]! < why[i + 1]! || this.#becameTrue(other, this.#need[other]!) >= at) return false;
    }
    return true;
  }

  #bumpVariable(variable: number): void {
    this.activity[variable]! += this.#bump;
    if (this.activity[variable]! < 1e100) return;
    for (let i = 0; i < this.activity.length; i += 1) this.activity[i]! *= 1e-100;
    this.#bump *= 1e-100;
  }

  #bumpClause(clause: Clause): void {
    clause.activity += this.#clauseBump;
    if (clause.activity < 1e100) return;
    for (const one of this.#learnt) one.activity *= 1e-100;
    this.#clauseBump *= 1e-100;
  }

  /** Drops the half of the learnt clauses that helped least; those in use as reasons stay. */
  #forget(): void {
    const inUse = new Set<Reason>(this.#reasons.slice(0, this.#length));
    const sorted = [...this.#learnt].sort((a, b) => a.activity - b.activity);
    const drop = new Set<Clause>();
    for (const one of sorted.slice(0, sorted.length >> 1))
      if (one.levels > 3 && !inUse.has(one)) drop.add(one);
    this.#learnt = this.#learnt.filter((one) => !drop.has(one));
    this.#mostLearnt = this.#learnt.length + 2000;
    for (let half = 0; half < this.#watchers.length; half += 1) {
      const lists = this.#watchers[half]!;
      const values = this.#watchValues[half]!;
      let kept = 0;
      for (let i = 0; i < lists.length; i += 1) {
        const left = lists[i]!.filter((one) => !drop.has(one));
        if (left.length === 0) continue;
        lists[kept] = left;
        values[kept] = values[i]!;
        kept += 1;
      }
      lists.length = kept;
      values.length = kept;
    }
  }
}

/** Index of the first value above `bound` in an ordered list. */
function firstAbove(values: readonly number[], bound: number): number {
  let lowest = 0;
  let high = values.length;
  while (lowest < high) {
    const middle = (lowest + high) >> 1;
    if (values[middle]! > bound) high = middle;
    else lowest = middle + 1;
  }
  return lowest;
}

function clauseOf(literals: Explanation, levels: number): Clause {
  const halves = new Int32Array(literals.length / 2);
  const values = new Float64Array(halves.length);
  for (let i = 0; i < halves.length; i += 1) {
    halves[i] = literals[i * 2]!;
    values[i] = literals[i * 2 + 1]!;
  }
  return new Clause(halves, values, levels);
}

function swap({ halves, values }: Clause, a: number, b: number): void {
  const half = halves[a]!;
  const value = values[a]!;
  halves[a] = halves[b]!;
  values[a] = values[b]!;
  halves[b] = half;
  values[b] = value;
}
