import { Clause, type Explanation, type Reason } from './clause';
import type { Trail } from './trail';
import type { Watches } from './watches';

/** What the kernel offers to the analysis of a conflict. */
export interface Explainer {
  explain: (half: number, value: number, reason: Reason) => Explanation;
  backTo: (level: number) => void;
  enqueue: (half: number, value: number, reason: Reason) => boolean;
}

/** Clauses learnt from conflicts, and how much each variable and clause took part in them lately. */
export class Lessons {
  readonly activity: Float64Array;
  readonly #need: Float64Array;
  #learnt: Clause[] = [];
  #most = 3000;
  #bump = 1;
  #clauseBump = 1;

  constructor(
    private readonly trail: Trail,
    private readonly watches: Watches,
    private readonly kernel: Explainer,
  ) {
    this.activity = new Float64Array(trail.low.length / 2);
    this.#need = new Float64Array(trail.low.length).fill(-Infinity);
  }

  /**
   * Learns the first unique implication point of a conflict, goes back and asserts its opposite.
   * @param literals true literals that cannot all be true
   * @returns false when the conflict stands at the root: there is no solution
   */
  learn(literals: Explanation): boolean {
    const { trail } = this;
    const need = this.#need;
    const touched = new Set<number>();
    let deepest = 0;
    for (let i = 0; i < literals.length; i += 2) {
      const at = trail.becameTrue(literals[i]!, literals[i + 1]!);
      if (at >= 0) deepest = Math.max(deepest, trail.levelOf(at));
    }
    if (deepest === 0) return false;
    this.kernel.backTo(deepest);
    const start = trail.levelStart[deepest - 1]!;
    let open = 0;
    const require = (why: Explanation) => {
      for (let i = 0; i < why.length; i += 2) {
        const half = why[i]!;
        const value = why[i + 1]!;
        if (value <= trail.root[half]! || need[half]! >= value) continue;
        const at = trail.becameTrue(half, value);
        if (at < 0 || trail.levelOf(at) === 0) continue;
        const was = need[half] === -Infinity ? -1 : trail.becameTrue(half, need[half]!);
        touched.add(half);
        need[half] = value;
        this.#bumpVariable(half >> 1);
        if (at >= start && was < start) open += 1;
      }
    };
    require(literals);
    for (let at = trail.length - 1; at >= start; at -= 1) {
      const half = trail.half[at]!;
      const value = need[half]!;
      if (value <= trail.before[at]!) continue;
      if (open === 1) return this.#assert(half, value, touched);
      const reason = trail.reasons[at]!;
      if (reason instanceof Clause) this.#bumpClause(reason);
      need[half] = -Infinity;
      touched.delete(half);
      open -= 1;
      require(this.kernel.explain(half, value, reason));
    }
    throw new Error('a conflict without an implication point');
  }

  #assert(uipHalf: number, uipValue: number, touched: ReadonlySet<number>): boolean {
    const { trail, kernel } = this;
    const need = this.#need;
    const literals: number[] = [uipHalf ^ 1, 1 - uipValue];
    let back = 0;
    let watch = -1;
    const levels = new Set<number>();
    for (const half of touched) {
      if (half === uipHalf) continue;
      const value = need[half]!;
      const at = trail.becameTrue(half, value);
      if (this.#isImplied(at, half, value)) continue;
      const level = trail.levelOf(at);
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
    kernel.backTo(back);
    const [half, value] = [literals[0]!, literals[1]!];
    if (literals.length === 2) {
      const fine = kernel.enqueue(half, value, null);
      if (fine) trail.root[half] = Math.max(trail.root[half]!, value);
      return fine;
    }
    [literals[2], literals[watch]] = [literals[watch]!, literals[2]!];
    [literals[3], literals[watch + 1]] = [literals[watch + 1]!, literals[3]!];
    const clause = Clause.of(literals, levels.size + 1);
    clause.activity = this.#clauseBump;
    this.#learnt.push(clause);
    this.watches.attach(clause);
    if (this.#learnt.length > this.#most) this.#forget();
    return kernel.enqueue(half, value, clause);
  }

  /** A literal follows from the others when all that made it true is asked for already. */
  #isImplied(at: number, half: number, value: number): boolean {
    const { trail } = this;
    const reason = trail.reasons[at] ?? null;
    if (reason === null) return false;
    const why = this.kernel.explain(half, value, reason);
    for (let i = 0; i < why.length; i += 2) {
      const other = why[i]!;
      if (why[i + 1]! <= trail.root[other]!) continue;
      // What is asked of the other half must be older than this, or the two could each lean on the other.
      if (this.#need[other]! < why[i + 1]! || trail.becameTrue(other, this.#need[other]!) >= at) return false;
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
    const inUse = new Set<Reason>(this.trail.reasons);
    const sorted = [...this.#learnt].sort((a, b) => a.activity - b.activity);
    const gone = new Set(
      sorted.slice(0, sorted.length >> 1).filter((one) => one.levels > 3 && !inUse.has(one)),
    );
    this.#learnt = this.#learnt.filter((one) => !gone.has(one));
    this.#most = this.#learnt.length + 2000;
    this.watches.drop(gone);
  }
}
